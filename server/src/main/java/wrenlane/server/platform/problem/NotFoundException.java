package wrenlane.server.platform.problem;

import wrenlane.finding.TypedText;

/** Something that is asked for by its id and is not there: status 404. */
public class NotFoundException extends RuntimeException {
    private static final long serialVersionUID = 1;

    public NotFoundException(String what, Object id) {
        super("There is no " + what + " with the id " + said(id) + ". It may have been deleted.");
    }

    /** An id that is text may be anything, of any length. */
    private static Object said(Object id) {
        return id instanceof String text ? TypedText.quoted(text) : id;
    }
}
