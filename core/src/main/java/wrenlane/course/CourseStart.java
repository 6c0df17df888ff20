package wrenlane.course;

/** How a turn is begun. */
public enum CourseStart {
    /** Rolling in, bars and lean built up on the way. */
    ROLLING,
    /** From a stop at the mouth, bars at the stop before the machine moves. */
    FROM_A_STOP
}
