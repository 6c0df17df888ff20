package wrenlane.server.http;

/** Nobody waits for the answer any more. */
public class GoneException extends RuntimeException {
    private static final long serialVersionUID = 1;

    public GoneException() {
        super("the client has gone", null, false, false);
    }
}
