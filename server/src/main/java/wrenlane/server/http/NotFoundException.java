package wrenlane.server.http;

/** Something that is asked for by its id and is not there: status 404. */
public class NotFoundException extends RuntimeException {
    private static final long serialVersionUID = 1;

    public NotFoundException(String what, Object id) {
        super("There is no " + what + " with the id " + id + ". It may have been deleted.");
    }
}
