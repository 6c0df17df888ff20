package wrenlane.server.platform.problem;

import java.time.Duration;

/** Too much is asked at once, or too often: status 429. */
public class BusyException extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final Duration after;

    public BusyException() {
        this("Too much is being calculated just now. Try again in a moment.", Duration.ofSeconds(1));
    }

    /**
     * With a reason of its own.
     *
     * @param after when to ask again, counted from now
     */
    public BusyException(String sentence, Duration after) {
        super(sentence);
        this.after = after;
    }

    /** When to ask again, counted from now. */
    public Duration after() {
        return after;
    }
}
