package wrenlane.coaching;

import java.util.List;
import java.util.Optional;
import wrenlane.machine.Side;
import wrenlane.progress.CleanSetting;
import wrenlane.progress.StartDifficulty;
import wrenlane.rider.RiderLevel;
import wrenlane.verdict.SizeLadder;

/**
 * The size to begin a day on, and the side: some steps easier than the one to work on ({@link Aim#size}); where too few runs
 * are known of a side, what suits the level. Both sides ride the same cones, so the weaker one decides, and
 * begins.
 */
public final class StartSize {
    /** Least chance of a clean run that anybody begins at, to the weaker side; chosen by us: more often clean than not. */
    public static final double LEAST_CHANCE = 0.6;

    private StartSize() {}

    /**
     * The size to set.
     *
     * @param ladder of the machine, not empty
     * @param left estimate for the left side, if there is one
     * @param right estimate for the right side, if there is one
     * @param working the size to work on, if there is one
     * @param level decides where there is no estimate for a side
     * @param easier steps below the best, where runs are known
     * @return the widest where all are too hard; empty for an empty ladder
     */
    public static Optional<SizeLadder.SizeStep> of(
            SizeLadder ladder,
            Optional<CleanSetting> left,
            Optional<CleanSetting> right,
            Optional<SizeLadder.SizeStep> working,
            RiderLevel level,
            int easier) {
        List<SizeLadder.SizeStep> sizes = ladder.sizes();
        if (sizes.isEmpty()) {
            return Optional.empty();
        }
        if (left.isPresent() && right.isPresent() && working.isPresent()) {
            return Optional.of(sizes.get(Math.max(0, sizes.indexOf(working.get()) - easier)));
        }
        double start = StartDifficulty.of(level);
        double wanted = Math.min(
                left.map(CleanSetting::difficulty).orElse(start),
                right.map(CleanSetting::difficulty).orElse(start));
        int best = 0;
        for (int i = 0; i < sizes.size(); i++) {
            if (sizes.get(i).difficulty().filter(d -> d <= wanted).isPresent()) {
                best = i;
            }
        }
        return Optional.of(sizes.get(best));
    }

    /** The side to begin on: the weaker, where both are known and not level. */
    public static Optional<Side> weakSide(Optional<CleanSetting> left, Optional<CleanSetting> right) {
        if (left.isEmpty() || right.isEmpty()) {
            return Optional.empty();
        }
        boolean leftBehind = left.get().difficulty() < right.get().difficulty();
        return left.get().isLevelWith(right.get())
                ? Optional.empty()
                : Optional.of(leftBehind ? Side.LEFT : Side.RIGHT);
    }
}
