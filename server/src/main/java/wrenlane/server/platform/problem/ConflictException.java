package wrenlane.server.platform.problem;

/** A request that contradicts what is stored: status 409. */
public class ConflictException extends RuntimeException {
    private static final long serialVersionUID = 1;

    public ConflictException(String message) {
        super(message);
    }
}
