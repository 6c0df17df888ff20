package wrenlane.server.platform.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Predicate;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import wrenlane.server.platform.problem.ProblemDocument;

/**
 * Lets few of the requests in at once that take much memory or time: papers, and tables of runs. A few more wait; others
 * are told to come again, so that plain reads and runs always find a free thread.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
class GateFilter extends OncePerRequestFilter {
    /** How long one waits; chosen by us: the largest paper takes about as long. */
    private static final long WAIT_SECONDS = 15;

    /** When to come again, in seconds. */
    private static final String AGAIN = "5";

    /** One sort of requests. */
    private record Gate(Predicate<HttpServletRequest> sort, Semaphore open, int mostWaiting) {
        boolean isFor(HttpServletRequest request) {
            return sort.test(request);
        }

        boolean enter() {
            try {
                return open.getQueueLength() < mostWaiting && open.tryAcquire(WAIT_SECONDS, TimeUnit.SECONDS);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                return false;
            }
        }
    }

    private final Gate papers =
            new Gate(request -> request.getRequestURI().endsWith(".pdf"), new Semaphore(1, true), 16);

    /** A table is held in memory several times over while it is read. */
    private final Gate tables = new Gate(BodyLimitFilter::carriesTable, new Semaphore(1, true), 4);

    private Optional<Gate> gate(HttpServletRequest request) {
        return tables.isFor(request)
                ? Optional.of(tables)
                : papers.isFor(request) ? Optional.of(papers) : Optional.empty();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Optional<Gate> gate = gate(request);
        if (gate.isEmpty()) {
            chain.doFilter(request, response);
        } else if (gate.get().enter()) {
            try {
                chain.doFilter(request, response);
            } finally {
                gate.get().open().release();
            }
        } else {
            response.setHeader("Retry-After", AGAIN);
            ProblemDocument.write(response, 503, "Too many ask for this at once. Try again in a few seconds.");
        }
    }
}
