package wrenlane.server.http;

/** Too much is being reckoned already: status 429. */
public class BusyException extends RuntimeException {
    private static final long serialVersionUID = 1;

    public BusyException() {
        super("Too much is being calculated just now. Try again in a moment.");
    }
}
