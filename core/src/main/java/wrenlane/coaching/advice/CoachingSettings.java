package wrenlane.coaching.advice;

/**
 * Figures of the {@link CoachingRules}. From practice; a school may choose others.
 *
 * @param clean clean runs asked for on each side before a size is made smaller
 * @param of last runs looked at on each side
 * @param unscored first runs at a new size that are not scored, both sides together
 * @param failedCues cues that must have failed before a size is made wider
 * @param ahead runs one side may be ahead before changing
 * @param easier steps below the best that a session begins at
 */
public record CoachingSettings(int clean, int of, int unscored, int failedCues, int ahead, int easier) {
    /** Four clean of the last five, three not scored, a cue twice, three ahead, two steps easier. */
    public static final CoachingSettings USUAL = new CoachingSettings(4, 5, 3, 2, 3, 2);

    public CoachingSettings {
        if (!(clean > 0 && clean <= of && of <= 20)) {
            throw new IllegalArgumentException("rule is " + clean + " of " + of + "; say 1 to n clean of n up to 20");
        }
        within("unscored", unscored, 0, 10);
        within("failedCues", failedCues, 1, 10);
        within("ahead", ahead, 1, 10);
        within("easier", easier, 0, 6);
    }

    private static void within(String name, int value, int min, int max) {
        if (!(value >= min && value <= max)) {
            throw new IllegalArgumentException(name + " is " + value + "; it lies between " + min + " and " + max);
        }
    }
}
