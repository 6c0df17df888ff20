package wrenlane.setup;

/**
 * How long it takes to set cones out by tape and to pick them up again: the way between them, and each one by hand. Estimates
 * from practice.
 */
public final class HandTime {
    /** Walking pace of someone with cones in hand, in m/s. */
    private static final double WALK_METRES_PER_SECOND = 1.1;

    /** To read two figures, find the mark by tape and put a cone down, in seconds. */
    private static final double LAYING_SECONDS = 25;

    /** To bend for a cone, or to take from the stack and put back, in seconds. */
    private static final double TAKING_SECONDS = 6;

    private HandTime() {}

    /**
     * The time of one walk, in minutes.
     *
     * @param walkedMetres all the way
     * @param laid cones laid down by tape
     * @param taken stops at which cones are picked up, or taken from the stack or put back
     */
    public static double minutes(double walkedMetres, long laid, long taken) {
        double seconds = walkedMetres / WALK_METRES_PER_SECOND + laid * LAYING_SECONDS + taken * TAKING_SECONDS;
        return seconds / 60;
    }
}
