package wrenlane.coaching;

import java.util.List;
import java.util.Optional;
import wrenlane.machine.Side;
import wrenlane.progress.CleanSetting;
import wrenlane.progress.StartTightness;
import wrenlane.rider.RiderLevel;
import wrenlane.verdict.Ladder;

/**
 * The rung to begin a day on, and the side: some steps easier than the one to work on ({@link Aim#rung}); where too few runs
 * are known of a side, what suits the level. Both sides ride the same cones, so the weaker one decides, and
 * begins.
 */
public final class BeginRung {
    /** Sides nearer than this are level, in tightness; chosen by us: a tenth of what separates two rungs, and more. */
    private static final double LEVEL = 0.02;

    private BeginRung() {}

    /**
     * The rung to set.
     *
     * @param ladder of the machine, not empty
     * @param left estimate for the left side, if there is one
     * @param right estimate for the right side, if there is one
     * @param working the rung to work on, if there is one
     * @param level decides where there is no estimate for a side
     * @param easier steps below the best, where runs are known
     * @return the widest where all are too tight; empty for an empty ladder
     */
    public static Optional<Ladder.Rung> of(
            Ladder ladder,
            Optional<CleanSetting> left,
            Optional<CleanSetting> right,
            Optional<Ladder.Rung> working,
            RiderLevel level,
            int easier) {
        List<Ladder.Rung> rungs = ladder.rungs();
        if (rungs.isEmpty()) {
            return Optional.empty();
        }
        if (left.isPresent() && right.isPresent() && working.isPresent()) {
            return Optional.of(rungs.get(Math.max(0, rungs.indexOf(working.get()) - easier)));
        }
        double start = StartTightness.of(level);
        double wanted = Math.max(
                left.map(CleanSetting::tightness).orElse(start),
                right.map(CleanSetting::tightness).orElse(start));
        int best = 0;
        for (int i = 0; i < rungs.size(); i++) {
            if (rungs.get(i).tightness().filter(t -> t >= wanted).isPresent()) {
                best = i;
            }
        }
        return Optional.of(rungs.get(best));
    }

    /** The side to begin on: the weaker, where both are known and not level. */
    public static Optional<Side> weakSide(Optional<CleanSetting> left, Optional<CleanSetting> right) {
        if (left.isEmpty() || right.isEmpty()) {
            return Optional.empty();
        }
        double behind = left.get().tightness() - right.get().tightness();
        return Math.abs(behind) <= LEVEL ? Optional.empty() : Optional.of(behind > 0 ? Side.LEFT : Side.RIGHT);
    }
}
