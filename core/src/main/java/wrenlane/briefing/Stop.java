package wrenlane.briefing;

/** A stop of the working day, in their order. */
public enum Stop {
    TODAY,
    YARD,
    MACHINES,
    COURSE,
    SETUP,
    LESSON,
    RANGE,
    PROGRESS
}
