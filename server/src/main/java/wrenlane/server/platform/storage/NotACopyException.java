package wrenlane.server.platform.storage;

/** A file that is no copy of the data, or one that was changed or damaged. */
public final class NotACopyException extends StartException {
    private static final long serialVersionUID = 1;

    NotACopyException(String sentence) {
        super(sentence);
    }

    NotACopyException(String sentence, Throwable cause) {
        super(sentence, cause);
    }
}
