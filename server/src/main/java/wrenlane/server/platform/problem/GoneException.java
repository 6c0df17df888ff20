package wrenlane.server.platform.problem;

/** Nobody wants the answer any more: a newer request of the same page took its place, or the server stops. */
public class GoneException extends RuntimeException {
    private static final long serialVersionUID = 1;

    public GoneException() {
        super("nobody wants the answer any more", null, false, false);
    }
}
