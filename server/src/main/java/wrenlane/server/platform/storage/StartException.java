package wrenlane.server.platform.storage;

/** A reason not to start, in one sentence that says what to do. */
public class StartException extends RuntimeException {
    private static final long serialVersionUID = 1;

    public StartException(String sentence) {
        super(sentence);
    }

    public StartException(String sentence, Throwable cause) {
        super(sentence, cause);
    }
}
