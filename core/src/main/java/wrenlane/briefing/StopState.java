package wrenlane.briefing;

/**
 * One stop.
 *
 * @param message what is not ready and what to do; empty where all is done
 */
public record StopState(Stop stop, Readiness readiness, String message) {
    static StopState done(Stop stop) {
        return new StopState(stop, Readiness.DONE, "");
    }

    /** Done, or nothing there yet and nothing to say of it. */
    static StopState of(Stop stop, boolean done) {
        return done ? done(stop) : new StopState(stop, Readiness.EMPTY, "");
    }

    static StopState empty(Stop stop, String message) {
        return new StopState(stop, Readiness.EMPTY, message);
    }

    static StopState attention(Stop stop, String message) {
        return new StopState(stop, Readiness.ATTENTION, message);
    }
}
