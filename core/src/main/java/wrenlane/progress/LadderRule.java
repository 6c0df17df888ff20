package wrenlane.progress;

import java.util.List;
import java.util.Locale;
import wrenlane.machine.Side;
import wrenlane.run.Fault;
import wrenlane.run.RunRecord;

/**
 * When to tighten, hold, widen or change side: move on a little past comfort, never far.
 *
 * <p>Tighten after k clean of the last n on both sides at this setting or tighter; widen after repeated faults, at once
 * after a drop; change side when one side has been ridden much more.
 *
 * @param clean k, clean runs asked for on each side
 * @param of n, last runs looked at on each side
 */
public record LadderRule(int clean, int of) {
    /** Four clean of the last five. */
    public static final LadderRule DEFAULT = new LadderRule(4, 5);

    /** Faulty runs among the last n that mean widen; chosen by us: more than half. */
    private static final int FAULTY = 3;

    /** How many runs one side may be ahead before changing; chosen by us: one short set. */
    private static final int AHEAD = 3;

    public LadderRule {
        if (!(clean > 0 && clean <= of && of <= 20)) {
            throw new IllegalArgumentException("rule is " + clean + " of " + of + "; say 1 to n clean of n up to 20");
        }
    }

    /**
     * The advice after some runs at the present setting.
     *
     * @param runs of one rider on one course this day, oldest first, at the present setting
     * @param side the side now being ridden
     */
    public NextRun advise(List<RunRecord> runs, Side side) {
        List<RunRecord> here = last(runs, side);
        List<RunRecord> there = last(runs, side.opposite());
        if (runs.isEmpty()) {
            return new NextRun(
                    NextRun.Move.HOLD, said("No runs at this setting yet; %d clean of %d tightens.", clean, of));
        }
        if (endsWithDrop(here)) {
            return new NextRun(NextRun.Move.WIDEN, "A drop. Rest, check rider and machine, then a wider rung.");
        }
        int faulty = faulty(here);
        if (faulty >= FAULTY) {
            return new NextRun(
                    NextRun.Move.WIDEN, said("%d of the last %d %s had faults.", faulty, here.size(), word(side)));
        }
        if (enough(here) && enough(there)) {
            return new NextRun(NextRun.Move.TIGHTEN, said("%d of the last %d clean on both sides.", clean, of));
        }
        if (count(runs, side) - count(runs, side.opposite()) >= AHEAD || enough(here)) {
            return new NextRun(
                    NextRun.Move.CHANGE_SIDE,
                    said(
                            "%d %s, %d %s at this rung. Both sides equally.",
                            count(runs, side), word(side), count(runs, side.opposite()), word(side.opposite())));
        }
        return new NextRun(
                NextRun.Move.HOLD,
                said("%d clean of %d %s; tighten at %d of %d.", cleanOf(here), here.size(), word(side), clean, of));
    }

    private List<RunRecord> last(List<RunRecord> runs, Side side) {
        List<RunRecord> those = runs.stream().filter(r -> r.side() == side).toList();
        return those.subList(Math.max(0, those.size() - of), those.size());
    }

    private boolean enough(List<RunRecord> last) {
        return cleanOf(last) >= clean;
    }

    private static int cleanOf(List<RunRecord> last) {
        return (int) last.stream().filter(RunRecord::clean).count();
    }

    private static int faulty(List<RunRecord> last) {
        return last.size() - cleanOf(last);
    }

    private static boolean endsWithDrop(List<RunRecord> last) {
        return !last.isEmpty() && last.get(last.size() - 1).faults().contains(Fault.DROP);
    }

    private static long count(List<RunRecord> runs, Side side) {
        return runs.stream().filter(r -> r.side() == side).count();
    }

    private static String word(Side side) {
        return side == Side.LEFT ? "left" : "right";
    }

    private static String said(String format, Object... args) {
        return String.format(Locale.ROOT, format, args);
    }
}
