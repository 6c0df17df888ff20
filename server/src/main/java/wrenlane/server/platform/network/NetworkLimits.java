package wrenlane.server.platform.network;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import wrenlane.server.platform.problem.ProblemDocument;
import wrenlane.server.platform.signin.Guesses;
import wrenlane.server.platform.signin.SignInConfig;

/**
 * Limits what the network may ask for at once, in total and from one address, before anything else looks at a request; and
 * answers on private addresses alone. A refused request is not read to its end: whoever sends it slowly would hold a thread.
 * Requests of this machine itself pass: they have threads of their own.
 */
final class NetworkLimits extends ValveBase {
    /** Requests of the network at once; chosen by us: fifty devices that log seldom ask at the same moment. */
    private static final int MOST = 48;

    /** Of one address; chosen by us: a browser opens six connections, and a hotspot may hide a few phones. */
    private static final int MOST_OF_ONE = 24;

    /** Of all who carry no token, signed in or not: few, so that those who do find a place. Chosen by us. */
    private static final int MOST_WITHOUT_TOKEN = 16;

    private final AtomicInteger all = new AtomicInteger();
    private final AtomicInteger withoutToken = new AtomicInteger();
    private final ConcurrentHashMap<String, Integer> byAddress = new ConcurrentHashMap<>();

    NetworkLimits() {
        super(true);
    }

    @Override
    public void invoke(Request request, Response response) throws IOException, ServletException {
        if (!request.isSecure()) {
            getNext().invoke(request, response);
            return;
        }
        if (!isOurs(request.getLocalAddr())) {
            refuse(request, response, HttpServletResponse.SC_FORBIDDEN, "This app answers on private networks alone.");
            return;
        }
        String address = Guesses.network(request.getRemoteAddr());
        int ofOne = byAddress.merge(address, 1, Integer::sum);
        int stranger = carriesToken(request) ? 0 : 1;
        try {
            boolean tooMany = withoutToken.addAndGet(stranger) > MOST_WITHOUT_TOKEN && stranger > 0;
            if (all.incrementAndGet() > MOST || ofOne > MOST_OF_ONE || tooMany) {
                response.setHeader("Retry-After", "1");
                refuse(
                        request,
                        response,
                        HttpServletResponse.SC_SERVICE_UNAVAILABLE,
                        "Too much is asked at once. Try again in a moment.");
                return;
            }
            getNext().invoke(request, response);
            if (response.getStatus() == HttpServletResponse.SC_UNAUTHORIZED) {
                leaveUnread(request);
            }
        } finally {
            all.decrementAndGet();
            withoutToken.addAndGet(-stranger);
            byAddress.computeIfPresent(address, (one, count) -> count > 1 ? count - 1 : null);
        }
    }

    /** A token that is none is found out without reading anything more. */
    private static boolean carriesToken(Request request) {
        String cookies = request.getHeader("Cookie");
        return cookies != null && cookies.contains(SignInConfig.COOKIE + "=");
    }

    private static boolean isOurs(String local) throws IOException {
        InetAddress address = InetAddress.getByName(local);
        return address.isLoopbackAddress() || OwnAddresses.isPrivate(address);
    }

    private static void refuse(Request request, Response response, int status, String sentence) throws IOException {
        response.setHeader("Connection", "close");
        ProblemDocument.write(response.getResponse(), status, sentence);
        leaveUnread(request);
    }

    private static void leaveUnread(Request request) {
        request.getCoyoteRequest().action(ActionCode.DISABLE_SWALLOW_INPUT, null);
    }
}
