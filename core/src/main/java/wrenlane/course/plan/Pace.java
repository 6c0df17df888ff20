package wrenlane.course.plan;

/** How a course is ridden, as far as bars and lean depend on it. */
public enum Pace {
    /** Rolling: bars and lean are built up on the way. */
    ROLLING,
    /** From a stop with the bars turned to the stop before the machine moves, upright. */
    FROM_A_STOP,
    /** At full lock, leaned as far as the machine is used to: to measure it. */
    FULL_LOCK_LEANED
}
