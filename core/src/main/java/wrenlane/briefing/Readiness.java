package wrenlane.briefing;

/** How far a stop is for the day. */
public enum Readiness {
    DONE,
    ATTENTION,
    EMPTY
}
