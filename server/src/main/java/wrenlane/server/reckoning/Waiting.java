package wrenlane.server.reckoning;

import jakarta.servlet.http.HttpServletRequest;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.apache.catalina.connector.Response;
import org.apache.coyote.ActionCode;
import org.jspecify.annotations.Nullable;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import wrenlane.server.http.ResponseValve;

/**
 * Whoever waits for an answer. Whether they still do is seen only when something is sent to them: an interim response
 * (103, RFC 8297) with nothing in it, which clients pass over.
 */
final class Waiting {
    /** Clients of older versions of HTTP know nothing of interim responses. */
    private static final String KNOWS_INTERIM = "HTTP/1.1";

    /** Most interim responses to one request: a widespread client gives up at the ninth. */
    private static final int MOST_LOOKS = 7;

    /** How much longer it is from one look to the next; seven take ten seconds. */
    private static final double LONGER = 1.4;

    private final @Nullable Response response;
    private int looks;
    private double gapNanos = TimeUnit.MILLISECONDS.toNanos(Reckoning.LOOK_MILLISECONDS);
    private long lookedAt = System.nanoTime();

    private Waiting(@Nullable Response response) {
        this.response = response;
    }

    /** Under which a request keeps its own. */
    private static final String NAME = Waiting.class.getName();

    /** The one whose request this thread answers, the same for all its computations; nobody where it answers none. */
    static Waiting here() {
        if (!(RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes attributes)) {
            return new Waiting(null);
        }
        if (attributes.getAttribute(NAME, RequestAttributes.SCOPE_REQUEST) instanceof Waiting already) {
            return already;
        }
        Waiting waiting = of(attributes);
        attributes.setAttribute(NAME, waiting, RequestAttributes.SCOPE_REQUEST);
        return waiting;
    }

    private static Waiting of(ServletRequestAttributes attributes) {
        HttpServletRequest request = attributes.getRequest();
        return new Waiting(KNOWS_INTERIM.equals(request.getProtocol()) ? ResponseValve.of(request) : null);
    }

    /**
     * Whether they have gone, looked at less and less often. A client that has is told from the second time on: the first only
     * provokes its refusal.
     */
    boolean hasGone() {
        Response to = response;
        long now = System.nanoTime();
        if (to == null || to.isCommitted() || looks == MOST_LOOKS || now - lookedAt < gapNanos) {
            return false;
        }
        lookedAt = now;
        looks++;
        gapNanos *= LONGER;
        to.sendEarlyHints();
        AtomicBoolean reachable = new AtomicBoolean(true);
        to.getCoyoteResponse().action(ActionCode.IS_IO_ALLOWED, reachable);
        return !reachable.get();
    }
}
