package wrenlane.server.platform.problem;

import java.util.List;

/** Somebody else has changed a thing since it was read: status 412, with both states. */
public class ChangedException extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final transient Object current;
    private final transient List<Object> wanted;

    public ChangedException(Object current, Object... wanted) {
        super(
                "This was changed elsewhere since it was read here. Nothing was stored: choose which of the two to keep.");
        this.current = current;
        this.wanted = List.of(wanted);
    }

    Object current() {
        return current;
    }

    /** What was sent; empty where the thing was to be deleted. */
    List<Object> wanted() {
        return wanted;
    }
}
