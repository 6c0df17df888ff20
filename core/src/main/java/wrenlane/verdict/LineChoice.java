package wrenlane.verdict;

/** Which of a course's lines. */
public enum LineChoice {
    /** The easiest of those that keep {@link CourseFit#COMFORT_METRES} everywhere, or the most there is if that is less. */
    COMFORTABLE,
    /** The one with the smallest peak curvature, however close it passes. */
    EASIEST,
    /** The one that leaves the most room. */
    ROOMIEST
}
