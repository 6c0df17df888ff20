package wrenlane.server.http;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.jspecify.annotations.Nullable;

/** Hands the container's own response on with the request, for what the servlet API has no word for. */
public final class ResponseValve extends ValveBase {
    private static final String ATTRIBUTE = ResponseValve.class.getName();

    ResponseValve() {
        super(true);
    }

    @Override
    public void invoke(Request request, Response response) throws IOException, ServletException {
        request.setAttribute(ATTRIBUTE, response);
        getNext().invoke(request, response);
    }

    /** The container's response to a request; missing where another container is at work. */
    public static @Nullable Response of(HttpServletRequest request) {
        return request.getAttribute(ATTRIBUTE) instanceof Response response ? response : null;
    }
}
