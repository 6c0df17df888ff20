package wrenlane.progress;

import java.util.Optional;
import wrenlane.rider.RiderLevel;
import wrenlane.verdict.Ladder;

/**
 * The rung to begin a day on: the tightest that the weaker side rides clean four times in five, else what suits the
 * level. Both sides ride the same cones, so the weaker one decides.
 */
public final class RungChoice {
    private RungChoice() {}

    /**
     * The rung to set.
     *
     * @param ladder of the machine, not empty
     * @param left estimate for the left side, if there is one
     * @param right estimate for the right side, if there is one
     * @param level decides where there is no estimate for a side
     * @return the tightest rung no tighter than wanted; the widest where all are; empty for an empty ladder
     */
    public static Optional<Ladder.Rung> first(
            Ladder ladder, Optional<CleanSetting> left, Optional<CleanSetting> right, RiderLevel level) {
        double start = startTightness(level);
        double wanted = Math.max(
                left.map(CleanSetting::tightness).orElse(start),
                right.map(CleanSetting::tightness).orElse(start));
        return ladder.rungs().stream()
                .filter(rung -> rung.tightness().filter(t -> t >= wanted).isPresent())
                .reduce((wide, tight) -> tight)
                .or(() -> ladder.rungs().stream().findFirst());
    }

    /** Tightness to start a rider on of whom no run is known; an estimate, chosen by us: comfort for the level. */
    private static double startTightness(RiderLevel level) {
        return switch (level) {
            case NOVICE -> 1.65;
            case DEVELOPING -> 1.45;
            case SKILLED -> 1.3;
        };
    }
}
