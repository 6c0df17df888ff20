package wrenlane.progress;

/** What may be said of two estimates, as sure as they are. */
public enum Trend {
    BETTER,
    WORSE,
    /** Neither is likely enough to be said. */
    UNCLEAR;

    /** How likely something has to be before it is said; chosen by us: four times in five. */
    private static final double SAID_FROM = 0.8;

    /** How likely a side has to be the weak one before it is called so; chosen by us: beginning on it costs nothing. */
    private static final double WEAK_FROM = 0.7;

    /** From an estimate to a later one. */
    public static Trend of(CleanChance before, CleanChance now) {
        double better = before.chanceBehind(now);
        if (better >= SAID_FROM) {
            return BETTER;
        }
        return better <= 1 - SAID_FROM ? WORSE : UNCLEAR;
    }

    /** Whether one side is clearly behind the other. */
    public static boolean isClearlyBehind(CleanChance side, CleanChance other) {
        return side.chanceBehind(other) >= WEAK_FROM;
    }
}
