package wrenlane.server.platform.storage;

/** Storing is not possible just now, said in a sentence: status 503. Nothing was stored. */
public class UnavailableException extends RuntimeException {
    private static final long serialVersionUID = 1;

    UnavailableException(String sentence) {
        super(sentence);
    }

    UnavailableException(String sentence, Throwable cause) {
        super(sentence, cause);
    }
}
