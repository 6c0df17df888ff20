package wrenlane.coaching;

import java.util.List;
import java.util.Locale;
import wrenlane.finding.Said;
import wrenlane.machine.Side;
import wrenlane.run.Fault;
import wrenlane.run.Run;

/**
 * When to tighten, hold, say something, widen or change side: a little past comfort, never far.
 *
 * <p>The first runs at a setting new to the rider are not scored. Tighten, by one step, after k clean of the last n on both
 * sides. After a fault first a cue, at the same step; widen only once that has failed twice, which is a third fault in a
 * row, or after a drop. Both sides are ridden alike. From practice; every figure is a setting.
 *
 * @param clean k, clean runs asked for on each side
 * @param of n, last runs looked at on each side
 * @param unscored first runs at a new setting that are not scored, both sides together
 * @param failedCues cues that must have failed before the step is widened
 * @param ahead runs one side may be ahead before changing
 * @param easier steps below the best that a session begins at
 */
public record CoachingRules(int clean, int of, int unscored, int failedCues, int ahead, int easier) {
    /** Four clean of the last five, three not scored, a cue twice, three ahead, two steps easier. */
    public static final CoachingRules USUAL = new CoachingRules(4, 5, 3, 2, 3, 2);

    public CoachingRules {
        if (!(clean > 0 && clean <= of && of <= 20)) {
            throw new IllegalArgumentException("rule is " + clean + " of " + of + "; say 1 to n clean of n up to 20");
        }
        within("unscored", unscored, 0, 10);
        within("failedCues", failedCues, 1, 10);
        within("ahead", ahead, 1, 10);
        within("easier", easier, 0, 6);
    }

    private static void within(String name, int value, int min, int max) {
        if (!(value >= min && value <= max)) {
            throw new IllegalArgumentException(name + " is " + value + "; it lies between " + min + " and " + max);
        }
    }

    /**
     * The advice after some runs at the present setting.
     *
     * @param runs of one rider on one course this day, oldest first, at the present setting
     * @param isNew whether the rider had never ridden this setting before
     * @param side the side now being ridden
     */
    public Advice advise(List<Run> runs, boolean isNew, Side side) {
        if (runs.isEmpty()) {
            return hold(Said.of("No runs at this setting yet; %d clean of %d tightens.", clean, of));
        }
        List<Run> here = ofSide(runs, side);
        if (!here.isEmpty() && here.get(here.size() - 1).faults().contains(Fault.DROP)) {
            return new Advice(
                    Advice.Move.WIDEN,
                    Said.plain("A drop. Rest, check rider and machine, then a wider rung. Never by force."));
        }
        if (isNew && runs.size() <= unscored) {
            return hold(Said.of(
                    "New setting: the first %d runs are not scored; this was number %d.", unscored, runs.size()));
        }
        List<Run> scored = isNew ? runs.subList(unscored, runs.size()) : runs;
        return scoredAdvice(ofSide(scored, side), ofSide(scored, side.opposite()), side);
    }

    /**
     * The advice on a course that is ridden straight on: there is no side to change to and no width to work through, so it is
     * ridden slower, or something else is.
     *
     * @param runs of one rider on one course this day, oldest first
     */
    public Advice adviseStraight(List<Run> runs) {
        if (runs.isEmpty()) {
            return hold(Said.of("No runs yet: %d clean of %d, then slower.", clean, of));
        }
        Run last = runs.get(runs.size() - 1);
        if (last.faults().contains(Fault.DROP)) {
            return hold(Said.plain("A drop. Rest, check rider and machine, then the drill before this one."));
        }
        int faults = faultsInARow(runs);
        if (faults > failedCues) {
            return hold(Said.of(
                    "%d faults in a row: the cue has failed %d times. Go back to the drill before this one.",
                    faults, faults - 1));
        }
        if (faults > 0) {
            FaultCue cue = FaultCue.of(last.faults());
            return new Advice(
                    Advice.Move.CUE,
                    Said.of(
                            "“%s”. %s; the same again.",
                            cue.cue(), capital(cue.fault().label())));
        }
        return enough(runs)
                ? new Advice(Advice.Move.SLOWER, Said.of("%d of the last %d clean. Or the next drill.", clean, of))
                : hold(Said.of("%s: stay; %d clean of %d, then slower.", counted(runs), clean, of));
    }

    private Advice scoredAdvice(List<Run> here, List<Run> there, Side side) {
        int faults = faultsInARow(here);
        if (faults > failedCues) {
            return new Advice(
                    Advice.Move.WIDEN,
                    Said.of("%d faults in a row %s: the cue has failed %d times.", faults, word(side), faults - 1));
        }
        if (faults > 0) {
            FaultCue cue = FaultCue.of(here.get(here.size() - 1).faults());
            return new Advice(
                    Advice.Move.CUE,
                    Said.of(
                            "“%s”. %s %s; the same step again.",
                            cue.cue(), capital(cue.fault().label()), word(side)));
        }
        if (enough(here) && enough(there)) {
            return new Advice(
                    Advice.Move.TIGHTEN, Said.of("%d of the last %d clean on both sides: one step.", clean, of));
        }
        if (here.size() - there.size() >= ahead || enough(here)) {
            return new Advice(
                    Advice.Move.CHANGE_SIDE,
                    Said.of(
                            "%s %s, %s %s: both sides alike, %s next.",
                            counted(here),
                            word(side),
                            counted(there),
                            word(side.opposite()),
                            side.opposite().name().toLowerCase(Locale.ROOT)));
        }
        return hold(Said.of(
                "%s %s, %s %s: stay; %d clean of %d on both sides tightens.",
                counted(here), word(side), counted(there), word(side.opposite()), clean, of));
    }

    private static Advice hold(Said reason) {
        return new Advice(Advice.Move.HOLD, reason);
    }

    private static List<Run> ofSide(List<Run> runs, Side side) {
        return runs.stream().filter(r -> r.isTo(side)).toList();
    }

    private static int faultsInARow(List<Run> runs) {
        int faults = 0;
        while (faults < runs.size() && !runs.get(runs.size() - 1 - faults).isClean()) {
            faults++;
        }
        return faults;
    }

    private List<Run> last(List<Run> runs) {
        return runs.subList(Math.max(0, runs.size() - of), runs.size());
    }

    private static int cleanOf(List<Run> runs) {
        return (int) runs.stream().filter(Run::isClean).count();
    }

    private boolean enough(List<Run> runs) {
        return cleanOf(last(runs)) >= clean;
    }

    /** As “3 of the last 5 clean”. */
    private String counted(List<Run> runs) {
        List<Run> last = last(runs);
        return "%d of %d clean".formatted(cleanOf(last), last.size());
    }

    private static String word(Side side) {
        return side == Side.LEFT ? "to the left" : "to the right";
    }

    private static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
