package wrenlane.progress;

/** How sure something is, in words. */
final class Certainty {
    private static final int PERCENT = 100;

    private Certainty() {}

    /** As a share: never wholly sure, whatever the figures say. */
    static String words(double certainty) {
        return Math.min(PERCENT - 1, Math.round(PERCENT * certainty)) + " % sure";
    }
}
