package wrenlane.briefing;

/** A stop of the working day, in their order. */
public enum Stop {
    TODAY,
    YARD,
    MACHINES,
    COURSE,
    SET_OUT,
    LESSON,
    RANGE,
    PROGRESS
}
