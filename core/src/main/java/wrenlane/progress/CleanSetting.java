package wrenlane.progress;

/**
 * The tightest setting a rider rides clean four times in five to one side: an estimate, by {@link CleanChance}.
 *
 * @param tightness estimate
 * @param lowTightness 5th percentile
 * @param highTightness 95th percentile
 */
public record CleanSetting(double tightness, double lowTightness, double highTightness) {
    /** Fewest runs an estimate of a side is shown for; chosen by us, because fewer say next to nothing. */
    public static final int FEWEST_RUNS = 4;

    /** Runs that still say what a rider can do now; chosen by us: some five lessons to one side. */
    public static final int LATEST_RUNS = 30;
}
