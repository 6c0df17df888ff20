package wrenlane.drill;

import java.util.Arrays;
import java.util.List;
import wrenlane.machine.Side;
import wrenlane.run.RunRecord;

/** What runs on a drill's course say about the drill. */
public final class DrillRuns {
    /** Tightness that still counts as the rung asked for; chosen by us: what rounding to 10 cm makes of it. */
    private static final double ROUNDING = 0.04;

    private DrillRuns() {}

    /**
     * Whether the pass mark is met: k clean of the last n at its rung or tighter, on both sides where they are ridden one at
     * a time. Only drills marked by clean runs are met by runs.
     *
     * @param runs on the drill's course, oldest first
     */
    public static boolean meet(PassMark pass, DrillRiding.Sides sides, List<RunRecord> runs) {
        if (pass.measure() != PassMark.Measure.CLEAN_RUNS) {
            return false;
        }
        List<RunRecord> counting =
                runs.stream().filter(r -> tightEnough(pass, r)).toList();
        return sides == DrillRiding.Sides.EACH
                ? Arrays.stream(Side.values())
                        .allMatch(side -> enough(
                                pass,
                                counting.stream().filter(r -> r.side() == side).toList()))
                : enough(pass, counting);
    }

    private static boolean tightEnough(PassMark pass, RunRecord run) {
        return pass.tightness().isEmpty()
                || run.tightness().isEmpty()
                || run.tightness().get() <= pass.tightness().get() + ROUNDING;
    }

    private static boolean enough(PassMark pass, List<RunRecord> runs) {
        return runs.subList(Math.max(0, runs.size() - pass.of()), runs.size()).stream()
                        .filter(RunRecord::clean)
                        .count()
                >= pass.clean();
    }
}
