package wrenlane.coaching;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import wrenlane.finding.Checks;
import wrenlane.run.DropCause;
import wrenlane.run.Fault;
import wrenlane.run.Run;
import wrenlane.run.Technique;

/**
 * The table of what faults come from, which an instructor may put right. Where several rows are of a fault and what was seen
 * with it, that of the fewest faults holds, since it says more; among equals the first.
 *
 * @param rows in the order they are shown
 */
public record Causes(List<Cause> rows) {
    /** Most rows of a table. */
    public static final int MOST_ROWS = 60;

    /** From practice. Drills are named by their ids in the catalogue that comes with the app. */
    public static final Causes USUAL = new Causes(List.of(
            new Cause(
                    Set.of(Fault.FOOT, Fault.DROP),
                    Set.of(Technique.CLUTCH_IN),
                    Set.of(DropCause.CLUTCH_IN),
                    "the drive is let go in the turn, and the machine falls in",
                    "let it out a touch",
                    List.of("rock-and-return", "full-lock-start")),
            new Cause(
                    Set.of(Fault.DROP),
                    Set.of(),
                    Set.of(DropCause.FRONT_BRAKE),
                    "the front brake with the bars turned",
                    "bars straight, then brake",
                    List.of("straight-stop", "cover-the-brake")),
            new Cause(
                    Set.of(Fault.DROP),
                    Set.of(Technique.LOOKED_DOWN),
                    Set.of(DropCause.LOOKED_DOWN, DropCause.FOOT),
                    "looking down and a foot put out while it still turns",
                    "bars straight, then brake",
                    List.of("straight-stop")),
            new Cause(
                    Set.of(Fault.FOOT, Fault.LINE, Fault.STOPPED, Fault.DROP),
                    Set.of(Technique.TOO_SLOW),
                    Set.of(DropCause.TOO_SLOW),
                    "too slow to lean",
                    "more drive",
                    List.of("big-circle")),
            new Cause(
                    Set.of(Fault.LINE, Fault.GATE),
                    Set.of(Technique.HEAD_LATE, Technique.NOT_BACK),
                    Set.of(),
                    "the head goes late, or not far enough",
                    "chin to the exit",
                    List.of("big-circle", "gaze-only")),
            new Cause(
                    Set.of(Fault.LINE, Fault.GATE),
                    Set.of(Technique.TOO_FAST),
                    Set.of(),
                    "too fast for the turn",
                    "chin to the exit",
                    List.of("big-circle")),
            new Cause(
                    Set.of(Fault.LINE),
                    Set.of(Technique.OFF_THE_EDGE),
                    Set.of(),
                    "entered away from the edge: the turn begins with less width",
                    "use it all",
                    List.of("u-turn-swing-out", "u-turn-open")),
            new Cause(
                    Set.of(Fault.LINE, Fault.GATE, Fault.FOOT),
                    Set.of(Technique.BARS_SHORT),
                    Set.of(),
                    "the bars do not reach the stop",
                    "bars to the stop",
                    List.of("full-lock-start")),
            new Cause(
                    Set.of(Fault.CONE),
                    Set.of(Technique.LOOKED_DOWN),
                    Set.of(),
                    "the gaze is on the cone",
                    "far end",
                    List.of("gaze-only")),
            new Cause(
                    Set.of(Fault.CONE),
                    Set.of(Technique.HEAD_LATE, Technique.NOT_BACK, Technique.OFF_THE_EDGE),
                    Set.of(),
                    "turned in too soon: the rear wheel cuts in",
                    "front wheel past, then turn",
                    List.of("weave-flat-then-tall")),
            new Cause(
                    Set.of(Fault.GATE),
                    Set.of(Technique.UPRIGHT),
                    Set.of(),
                    "upright between turns, with little of the width used",
                    "use it all",
                    List.of("return-gates-wide")),
            new Cause(
                    Set.of(Fault.FOOT, Fault.LINE, Fault.STALL, Fault.CONE),
                    Set.of(Technique.SURGING),
                    Set.of(),
                    "revs too high for the brake, or levers moved too far",
                    "steady hand",
                    List.of("engine-speed-steady", "slow-lane-brake")),
            new Cause(
                    Set.of(Fault.STALL, Fault.STOPPED, Fault.FOOT),
                    Set.of(Technique.BRAKE_HEAVY),
                    Set.of(),
                    "too much rear brake against the clutch",
                    "millimetres",
                    List.of("slow-lane-brake", "brake-against-drive")),
            new Cause(
                    Set.of(Fault.STALL),
                    Set.of(Technique.TOO_SLOW),
                    Set.of(),
                    "too few revs, or the clutch out too fast",
                    "revs first",
                    List.of("bite-point"))));

    public Causes {
        rows = List.copyOf(rows);
    }

    /** That of a fault seen with a technique. */
    public Optional<Cause> of(Fault fault, Technique with) {
        return narrowest(c -> c.faults().contains(fault) && c.technique().contains(with));
    }

    /** That of a drop, by what came last. */
    public Optional<Cause> of(DropCause last) {
        return narrowest(c -> c.before().contains(last));
    }

    private Optional<Cause> narrowest(Predicate<Cause> holds) {
        return rows.stream()
                .filter(holds)
                .min(Comparator.comparingInt(c -> c.faults().size()));
    }

    /**
     * What the faults that a rider has just made usually come from: of the last run of which somebody said how it was ridden,
     * as far back as no clean run lies between. Empty where nobody did.
     *
     * @param runs to one side, oldest first
     */
    public Optional<Cause> latest(List<Run> runs) {
        for (int i = runs.size() - 1; i >= 0 && !runs.get(i).faults().isEmpty(); i--) {
            Optional<Cause> cause = of(runs.get(i));
            if (cause.isPresent()) {
                return cause;
            }
        }
        return Optional.empty();
    }

    /** Of one run: by what came before a drop, else by its gravest fault of which the table has something. */
    private Optional<Cause> of(Run run) {
        return Stream.concat(
                        run.detail().observed().beforeDrop().stream().flatMap(last -> of(last).stream()),
                        run.faults().stream()
                                .sorted()
                                .flatMap(fault -> run.detail().observed().technique().stream()
                                        .sorted()
                                        .flatMap(with -> of(fault, with).stream())))
                .findFirst();
    }

    /**
     * What is wrong with the table as somebody put it.
     *
     * @param knownDrills ids of drills that can be gone back to
     */
    public Checks check(Set<String> knownDrills) {
        Checks checks = new Checks();
        if (rows.size() > MOST_ROWS) {
            checks.add("cause-rows", "rows", "A table of causes has at most " + MOST_ROWS + " rows.");
        }
        for (int i = 0; i < rows.size(); i++) {
            rows.get(i).check("rows[" + i + "]", knownDrills, checks);
        }
        return checks;
    }
}
