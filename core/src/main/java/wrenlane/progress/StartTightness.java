package wrenlane.progress;

import wrenlane.rider.RiderLevel;

/** Tightness that riders of a level ride clean four times in five: an estimate, chosen by us. */
public final class StartTightness {
    private StartTightness() {}

    /** Of a level; above one. */
    public static double of(RiderLevel level) {
        return switch (level) {
            case NOVICE -> 1.65;
            case DEVELOPING -> 1.45;
            case SKILLED -> 1.3;
        };
    }
}
