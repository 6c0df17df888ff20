package wrenlane.server.platform.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import wrenlane.server.platform.problem.ProblemDocument;

/**
 * Refuses requests meant for another host or sent from another site's page, so that no web page a person visits can
 * reach the app on their own machine, and sets the headers that keep pages to themselves.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
public class OwnSiteFilter extends OncePerRequestFilter {
    /** Styles are those that stand in the pages, to the letter, or files of the app itself. */
    private static final String POLICY =
            "default-src 'none'; script-src 'self'; style-src 'self' %s; img-src 'self' data:;"
                    + " font-src 'self'; connect-src 'self'; manifest-src 'self'; base-uri 'none'; form-action 'self';"
                    + " frame-ancestors 'none'";

    /** Of problems that the container tells, before any page: nothing is loaded by them. */
    public static final String PROBLEMS = "default-src 'none'; frame-ancestors 'none'";

    private final String policy = POLICY.formatted(StylesInPages.source());
    private final Set<String> hosts = new HashSet<>(Set.of("localhost", "127.0.0.1", "[::1]"));

    OwnSiteFilter(@Value("${wren.network-names:}") String more) {
        Arrays.stream(more.split(","))
                .map(host -> host.strip().toLowerCase(Locale.ROOT))
                .filter(host -> !host.isEmpty())
                .forEach(hosts::add);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        headers(response, policy);
        if (request.getRequestURI().startsWith("/api")) {
            response.setHeader("Cache-Control", "no-store");
        }
        String host = request.getHeader("Host");
        if (host == null || !hosts.contains(name(host))) {
            ProblemDocument.write(response, 421, "This app answers to its own address only.");
        } else if (foreign(request.getHeader("Origin"), host) || writtenElsewhere(request)) {
            ProblemDocument.write(response, 403, "Requests from other sites are refused.");
        } else {
            chain.doFilter(request, response);
        }
    }

    private static boolean foreign(@Nullable String origin, String host) {
        return origin != null
                && !origin.equalsIgnoreCase("http://" + host)
                && !origin.equalsIgnoreCase("https://" + host);
    }

    /** Whether a page of another site sends what changes something; browsers say so (Fetch Metadata, W3C). */
    private static boolean writtenElsewhere(HttpServletRequest request) {
        String from = request.getHeader("Sec-Fetch-Site");
        return from != null
                && !HttpMethod.GET.matches(request.getMethod())
                && !from.equals("same-origin")
                && !from.equals("none");
    }

    private static String name(String host) {
        return host.replaceFirst(":\\d+$", "").toLowerCase(Locale.ROOT);
    }

    public static void headers(HttpServletResponse response, String policy) {
        response.setHeader("Content-Security-Policy", policy);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        response.setHeader("Permissions-Policy", "geolocation=(), camera=(), microphone=()");
    }
}
