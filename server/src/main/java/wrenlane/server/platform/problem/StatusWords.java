package wrenlane.server.platform.problem;

/** What is said where nothing better is known than the status. */
public final class StatusWords {
    private StatusWords() {}

    public static String of(int status) {
        return switch (status) {
            case 400 ->
                "This request cannot be understood: a number, a name or the address in it is not what is expected.";
            case 404 -> "There is nothing at this address.";
            case 405 -> "This cannot be done to what is at this address.";
            case 406 -> "What is here does not come in the form asked for.";
            case 408 -> "The request took too long to arrive. Send it again.";
            case 413 -> "The request is larger than can be read here.";
            case 414 -> "The address is too long.";
            case 415 -> "The request must be JSON: say so in Content-Type.";
            case 416 -> "There is no such part of what is at this address.";
            case 431 -> "The headers of the request are too long.";
            case 501 -> "This cannot be done here.";
            default ->
                status >= 500
                        ? "Something went wrong here; nothing was stored. Try again."
                        : "This request was refused.";
        };
    }
}
