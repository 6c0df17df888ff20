package wrenlane.server.platform.problem;

/** A body larger than this application reads: status 413. */
public class TooLargeException extends RuntimeException {
    private static final long serialVersionUID = 1;

    public TooLargeException(long limitBytes) {
        super(sentence(limitBytes));
    }

    public static String sentence(long limitBytes) {
        return "The request is larger than " + limitBytes / 1000 + " kB.";
    }
}
