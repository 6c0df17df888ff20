package wrenlane.progress;

import wrenlane.rider.RiderLevel;

/**
 * Difficulty that riders of a level ride clean four times in five: an estimate. Chosen by us, so that a novice has about 70 %
 * at 8.2 m on a mid-size machine, a developing rider rides tall cones 3.66 m apart on a heavy tourer more often clean than
 * not, and a skilled one turns it round in 5.5 m more often clean than not.
 */
public final class StartDifficulty {
    private StartDifficulty() {}

    /** Of a level; below one. */
    public static double of(RiderLevel level) {
        return switch (level) {
            case NOVICE -> 0.40;
            case DEVELOPING -> 0.54;
            case SKILLED -> 0.72;
        };
    }
}
