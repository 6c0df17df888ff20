package wrenlane.riding;

/** Ground a machine needs to stop on that goes straight on. */
public final class RunOut {
    /** Least length, in metres; chosen by us: two machine lengths, for whoever grabs the clutch late. */
    public static final double LEAST_METRES = 4;

    /** Braking of a learner taken by surprise, in m/s²: half of what a machine can do on dry paving. */
    private static final double BRAKING = 2.5;

    private RunOut() {}

    /** Length from a speed in m/s, in metres: v² / (2·2.5 m/s²), and at least {@link #LEAST_METRES}. */
    public static double metres(double speedMetresPerSecond) {
        return Math.max(LEAST_METRES, speedMetresPerSecond * speedMetresPerSecond / (2 * BRAKING));
    }
}
