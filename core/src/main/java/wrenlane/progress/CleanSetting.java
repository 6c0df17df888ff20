package wrenlane.progress;

/**
 * The hardest size a rider rides clean four times in five to one side: an estimate, by {@link CleanChance}.
 *
 * @param difficulty estimate
 * @param lowDifficulty 5th percentile
 * @param highDifficulty 95th percentile
 */
public record CleanSetting(double difficulty, double lowDifficulty, double highDifficulty) {
    /** Below this nobody is called level or behind, as a share: a fifth of a step of a ladder. Chosen by us. */
    private static final double LEVEL_SHARE = 0.025;

    /** Whether another is as good, as near as matters. */
    public boolean isLevelWith(CleanSetting other) {
        return Math.abs(Math.log(difficulty / other.difficulty)) <= LEVEL_SHARE;
    }

    /** Fewest runs an estimate of a side is shown for; chosen by us, because fewer say next to nothing. */
    public static final int FEWEST_RUNS = 4;

    /** Runs that still say what a rider can do now; chosen by us: some five lessons to one side. */
    public static final int LATEST_RUNS = 30;
}
