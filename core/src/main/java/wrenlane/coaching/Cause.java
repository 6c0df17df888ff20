package wrenlane.coaching;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import wrenlane.run.BeforeDrop;
import wrenlane.run.Fault;
import wrenlane.run.Technique;

/**
 * What a fault seen together with something in how it was ridden usually comes from, what is said for it and what is ridden
 * for it: from practice. Drills are named by their ids in the catalogue that comes with the app.
 */
public enum Cause {
    CLUTCH_IN_TURN(
            Set.of(Fault.FOOT, Fault.DROP),
            Set.of(Technique.CLUTCH_IN),
            Set.of(BeforeDrop.CLUTCH_IN),
            "the drive is let go in the turn, and the machine falls in",
            "let it out a touch",
            List.of("rock-and-return", "full-lock-start")),
    FRONT_BRAKE_IN_TURN(
            Set.of(Fault.DROP),
            Set.of(),
            Set.of(BeforeDrop.FRONT_BRAKE),
            "the front brake with the bars turned",
            "bars straight, then brake",
            List.of("straight-stop", "cover-the-brake")),
    DOWN_AT_THE_STOP(
            Set.of(Fault.DROP),
            Set.of(Technique.LOOKED_DOWN),
            Set.of(BeforeDrop.LOOKED_DOWN, BeforeDrop.FOOT),
            "looking down and a foot put out while it still turns",
            "bars straight, then brake",
            List.of("straight-stop")),
    TOO_SLOW_TO_LEAN(
            Set.of(Fault.FOOT, Fault.LINE, Fault.STOPPED, Fault.DROP),
            Set.of(Technique.TOO_SLOW),
            Set.of(BeforeDrop.TOO_SLOW),
            "too slow to lean",
            "more drive",
            List.of("big-circle")),
    WIDE_HEAD_LATE(
            Set.of(Fault.LINE, Fault.GATE),
            Set.of(Technique.HEAD_LATE, Technique.NOT_BACK),
            Set.of(),
            "the head goes late, or not far enough",
            "chin to the exit",
            List.of("big-circle", "gaze-only")),
    WIDE_TOO_FAST(
            Set.of(Fault.LINE, Fault.GATE),
            Set.of(Technique.TOO_FAST),
            Set.of(),
            "too fast for the turn",
            "chin to the exit",
            List.of("big-circle")),
    WIDE_OFF_THE_EDGE(
            Set.of(Fault.LINE),
            Set.of(Technique.OFF_THE_EDGE),
            Set.of(),
            "entered away from the edge: the turn begins with less width",
            "use it all",
            List.of("u-turn-swing-out", "u-turn-open")),
    BARS_SHORT(
            Set.of(Fault.LINE, Fault.GATE, Fault.FOOT),
            Set.of(Technique.BARS_SHORT),
            Set.of(),
            "the bars do not reach the stop",
            "bars to the stop",
            List.of("full-lock-start")),
    CONE_STARED_AT(
            Set.of(Fault.CONE),
            Set.of(Technique.LOOKED_DOWN),
            Set.of(),
            "the gaze is on the cone",
            "far end",
            List.of("gaze-only")),
    CONE_INSIDE(
            Set.of(Fault.CONE),
            Set.of(Technique.HEAD_LATE, Technique.NOT_BACK, Technique.OFF_THE_EDGE),
            Set.of(),
            "turned in too soon: the rear wheel cuts in",
            "front wheel past, then turn",
            List.of("weave-flat-then-tall")),
    GATE_UPRIGHT(
            Set.of(Fault.GATE),
            Set.of(Technique.UPRIGHT),
            Set.of(),
            "upright between turns, with little of the width used",
            "use it all",
            List.of("return-gates-wide")),
    SURGING(
            Set.of(Fault.FOOT, Fault.LINE, Fault.STALL, Fault.CONE),
            Set.of(Technique.SURGING),
            Set.of(),
            "revs too high for the brake, or levers moved too far",
            "steady hand",
            List.of("engine-speed-steady", "slow-lane-brake")),
    BRAKE_AGAINST_DRIVE(
            Set.of(Fault.STALL, Fault.STOPPED, Fault.FOOT),
            Set.of(Technique.BRAKE_HEAVY),
            Set.of(),
            "too much rear brake against the clutch",
            "millimetres",
            List.of("slow-lane-brake", "brake-against-drive")),
    STALL_AT_THE_START(
            Set.of(Fault.STALL),
            Set.of(Technique.TOO_SLOW),
            Set.of(),
            "too few revs, or the clutch out too fast",
            "revs first",
            List.of("bite-point"));

    private final Set<Fault> faults;
    private final Set<Technique> technique;
    private final Set<BeforeDrop> before;
    private final String likely;
    private final String cue;
    private final List<String> drills;

    Cause(
            Set<Fault> faults,
            Set<Technique> technique,
            Set<BeforeDrop> before,
            String likely,
            String cue,
            List<String> drills) {
        this.faults = faults;
        this.technique = technique;
        this.before = before;
        this.likely = likely;
        this.cue = cue;
        this.drills = drills;
    }

    /** In words, as it goes on after “likely:”. */
    public String likely() {
        return likely;
    }

    /** Said for it, in at most five words. */
    public String cue() {
        return cue;
    }

    /** Ids of drills to go back to, the first first. */
    public List<String> drills() {
        return drills;
    }

    /** Causes of a fault seen with a technique, those first that are of fewer faults: they say more. */
    public static List<Cause> of(Fault fault, Technique with) {
        return Arrays.stream(values())
                .filter(c -> c.faults.contains(fault) && c.technique.contains(with))
                .sorted(Comparator.comparingInt(c -> c.faults.size()))
                .toList();
    }

    /**
     * What the faults that a rider has just made usually come from: of the last run of which somebody said how it was ridden,
     * as far back as no clean run lies between. Empty where nobody did.
     *
     * @param runs to one side, oldest first
     */
    public static Optional<Cause> latest(List<HoldsBack.Attempt> runs) {
        for (int i = runs.size() - 1; i >= 0 && !runs.get(i).faults().isEmpty(); i--) {
            Optional<Cause> cause = causes(runs.get(i)).findFirst();
            if (cause.isPresent()) {
                return cause;
            }
        }
        return Optional.empty();
    }

    private static Stream<Cause> causes(HoldsBack.Attempt run) {
        return Stream.concat(
                run.observed().beforeDrop().stream().flatMap(last -> of(last).stream()),
                run.faults().stream()
                        .sorted()
                        .flatMap(fault -> run.observed().technique().stream()
                                .sorted()
                                .flatMap(with -> of(fault, with).stream())));
    }

    /** Causes of a drop by what came last. */
    public static List<Cause> of(BeforeDrop last) {
        return Arrays.stream(values()).filter(c -> c.before.contains(last)).toList();
    }
}
