package wrenlane.coaching.advice;

import java.util.List;
import java.util.Optional;
import wrenlane.machine.Side;
import wrenlane.run.Fault;
import wrenlane.run.Run;

/**
 * What a rule looks at.
 *
 * @param runs of one rider on one course this day, oldest first, at the present size
 * @param isNew whether the rider had never ridden this size before
 * @param side the side now being ridden; empty on a course that is ridden straight on
 */
record Situation(CoachingSettings settings, List<Run> runs, boolean isNew, Optional<Side> side) {
    Situation {
        runs = List.copyOf(runs);
    }

    /** Every run to the side that is ridden, or all of a course without sides. */
    List<Run> everyRunHere() {
        return side.map(s -> to(s, runs)).orElse(runs);
    }

    /** Runs that count, to the side that is ridden. */
    List<Run> here() {
        return side.map(s -> to(s, scored())).orElseGet(this::scored);
    }

    /** Runs that count, to the other side. */
    List<Run> there() {
        return side.map(s -> to(s.opposite(), scored())).orElse(List.of());
    }

    private List<Run> scored() {
        return isNew ? runs.subList(Math.min(settings.unscored(), runs.size()), runs.size()) : runs;
    }

    private static List<Run> to(Side side, List<Run> some) {
        return some.stream().filter(r -> r.isTo(side)).toList();
    }

    /** The last run to the side that is ridden, where it was a drop. */
    boolean endsWithDrop() {
        List<Run> every = everyRunHere();
        return !every.isEmpty() && every.get(every.size() - 1).faults().contains(Fault.DROP);
    }

    /** Faults in a row at the end, to the side that is ridden. */
    int faultsInARow() {
        List<Run> here = here();
        int faults = 0;
        while (faults < here.size() && !here.get(here.size() - 1 - faults).isClean()) {
            faults++;
        }
        return faults;
    }

    /** Whether as many of the last runs are clean as are asked for. */
    boolean isEnough(List<Run> some) {
        return cleanOf(last(some)) >= settings.clean();
    }

    /** As “3 of 5 clean”. */
    String counted(List<Run> some) {
        List<Run> last = last(some);
        return "%d of %d clean".formatted(cleanOf(last), last.size());
    }

    private List<Run> last(List<Run> some) {
        return some.subList(Math.max(0, some.size() - settings.of()), some.size());
    }

    private static int cleanOf(List<Run> some) {
        return (int) some.stream().filter(Run::isClean).count();
    }
}
