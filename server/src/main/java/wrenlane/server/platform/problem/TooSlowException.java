package wrenlane.server.platform.problem;

import java.io.IOException;
import java.net.SocketTimeoutException;

/** A body that did not arrive in time: status 408. */
public class TooSlowException extends IOException {
    private static final long serialVersionUID = 1;

    /** What failed in reading a body, as this where the sender fell silent. The container wraps its socket's time-out. */
    public static IOException of(IOException thrown) {
        for (Throwable t = thrown; t != null; t = t.getCause()) {
            if (t instanceof SocketTimeoutException) {
                return new TooSlowException();
            }
        }
        return thrown;
    }
}
