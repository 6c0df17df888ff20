package wrenlane.server.platform.problem;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;

/** A problem document (RFC 9457) written by hand, where no handler of requests is at work. */
public final class ProblemDocument {
    private ProblemDocument() {}

    /** Writes status and sentence; the sentence is ours, and has nothing in it that JSON would escape. */
    public static void write(HttpServletResponse response, int status, String detail) throws IOException {
        response.setStatus(status);
        response.setContentType("application/problem+json");
        response.setHeader("Cache-Control", "no-store");
        byte[] body = ("{\"title\":\"Refused\",\"status\":" + status + ",\"detail\":\"" + detail + "\"}")
                .getBytes(StandardCharsets.UTF_8);
        response.setContentLength(body.length);
        response.getOutputStream().write(body);
    }
}
