package wrenlane.progress;

import wrenlane.finding.Sentence;

/** Shares in percent, as people read them. */
public final class Percent {
    private static final double WHOLE_FROM = 10;

    private Percent() {}

    /** A share of one as percentage points, such as {@code 4.0 points}; whole ones from ten. */
    public static Sentence points(double share) {
        double percent = 100 * share;
        return Math.abs(percent) < WHOLE_FROM
                ? Sentence.of("%.1f points", percent)
                : Sentence.of("%.0f points", percent);
    }
}
