package wrenlane.server.platform.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import wrenlane.server.platform.problem.ProblemDocument;
import wrenlane.server.platform.problem.StatusWords;
import wrenlane.server.platform.problem.TooLargeException;
import wrenlane.server.platform.problem.TooSlowException;

/**
 * Takes a body in whole before anything is done with it: up to a size, within a time, and only so many at once, so that
 * senders who stall hold up nobody else.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 3)
class BodyLimitFilter extends OncePerRequestFilter {
    private static final Set<String> TABLES = Set.of("/api/run-files", "/api/calculations/run-file-previews");

    /** Bodies of the network on their way in at once, and as many more that wait for it; chosen by us. */
    private static final int MOST_OF_NETWORK = 32;

    /** The same from this machine itself, which strangers on the network cannot hold up. */
    private static final int MOST_OF_HERE = 64;

    /** The same of those who are not signed in: all they send is a passphrase. */
    private static final int MOST_OF_STRANGERS = 4;

    /** Longest body of somebody not signed in, in bytes: a passphrase. */
    private static final long STRANGERS_BYTES = 4096;

    /** How long one may wait to be let in; chosen by us: a stalled one is cut off not much later. */
    private static final long WAIT_MILLISECONDS = 3000;

    /** How long one may take to arrive; chosen by us: the largest takes far less over any network in a yard. */
    private static final long MOST_NANOSECONDS = TimeUnit.SECONDS.toNanos(15);

    /** The same for a passphrase. */
    private static final long STRANGERS_NANOSECONDS = TimeUnit.SECONDS.toNanos(3);

    private static final int PIECE = 8192;

    private final Semaphore ofHere = new Semaphore(MOST_OF_HERE, true);
    private final Semaphore ofNetwork = new Semaphore(MOST_OF_NETWORK, true);
    private final Semaphore ofStrangers = new Semaphore(MOST_OF_STRANGERS, true);
    private final long limitBytes;

    private final long tableLimitBytes;

    BodyLimitFilter(
            @Value("${wren.max-body-bytes}") long limitBytes, @Value("${wren.max-table-bytes}") long tableLimitBytes) {
        this.limitBytes = limitBytes;
        this.tableLimitBytes = tableLimitBytes;
    }

    /** Whether a device of the network sends it that has not signed in. */
    private static boolean isStranger(HttpServletRequest request) {
        return request.isSecure() && request.getUserPrincipal() == null;
    }

    private Semaphore arriving(HttpServletRequest request) {
        return isStranger(request) ? ofStrangers : request.isSecure() ? ofNetwork : ofHere;
    }

    /** A table of runs is larger than anything else that is sent. */
    private long limitBytes(HttpServletRequest request) {
        if (isStranger(request)) {
            return STRANGERS_BYTES;
        }
        return carriesTable(request) ? tableLimitBytes : limitBytes;
    }

    /** Whether a request carries a table of runs: to store it, or to look at it before. */
    static boolean carriesTable(HttpServletRequest request) {
        return TABLES.contains(request.getRequestURI());
    }

    /** A copy of the data that is brought back is large, and is read piece by piece by whoever takes it. */
    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return request.getRequestURI().equals("/api/copies/uploads");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long announced = request.getContentLengthLong();
        boolean none = announced == 0 || announced < 0 && request.getHeader("Transfer-Encoding") == null;
        if (none) {
            chain.doFilter(request, response);
        } else if (String.valueOf(request.getContentType()).contains("*")) {
            ProblemDocument.write(response, 415, StatusWords.of(415));
        } else if (announced > limitBytes(request)) {
            ProblemDocument.write(response, 413, TooLargeException.sentence(limitBytes(request)));
        } else {
            Optional<byte[]> body;
            try {
                body = taken(request);
            } catch (TooLargeException e) {
                ProblemDocument.write(response, 413, TooLargeException.sentence(limitBytes(request)));
                return;
            } catch (TooSlowException e) {
                response.setHeader("Connection", "close");
                ProblemDocument.write(response, 408, StatusWords.of(408));
                return;
            }
            if (body.isEmpty()) {
                response.setHeader("Connection", "close");
                response.setHeader("Retry-After", "1");
                ProblemDocument.write(response, 503, "Too much arrives at once. Send it again in a moment.");
                return;
            }
            chain.doFilter(new BufferedRequest(request, body.get()), response);
        }
    }

    /** Empty where too many are on their way in already. */
    private Optional<byte[]> taken(HttpServletRequest request) throws IOException {
        Semaphore arriving = arriving(request);
        if (!letIn(arriving)) {
            return Optional.empty();
        }
        try {
            return Optional.of(read(
                    request.getInputStream(),
                    limitBytes(request),
                    System.nanoTime() + (isStranger(request) ? STRANGERS_NANOSECONDS : MOST_NANOSECONDS)));
        } finally {
            arriving.release();
        }
    }

    private static boolean letIn(Semaphore arriving) {
        try {
            return arriving.getQueueLength() < MOST_OF_NETWORK
                    && arriving.tryAcquire(WAIT_MILLISECONDS, TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    private static byte[] read(InputStream in, long limitBytes, long until) throws IOException {
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        byte[] piece = new byte[PIECE];
        while (true) {
            int got;
            try {
                got = in.read(piece);
            } catch (IOException e) {
                throw TooSlowException.of(e);
            }
            if (got < 0) {
                return body.toByteArray();
            }
            body.write(piece, 0, got);
            if (body.size() > limitBytes) {
                throw new TooLargeException(limitBytes);
            }
            if (System.nanoTime() > until) {
                throw new TooSlowException();
            }
        }
    }

    /** A request whose body is here. */
    private static final class BufferedRequest extends HttpServletRequestWrapper {
        private final byte[] body;

        BufferedRequest(HttpServletRequest request, byte[] body) {
            super(request);
            this.body = body;
        }

        @Override
        public ServletInputStream getInputStream() {
            ByteArrayInputStream in = new ByteArrayInputStream(body);
            return new ServletInputStream() {
                @Override
                public int read() {
                    return in.read();
                }

                @Override
                public int read(byte[] into, int from, int length) {
                    return in.read(into, from, length);
                }

                @Override
                public boolean isFinished() {
                    return in.available() == 0;
                }

                @Override
                public boolean isReady() {
                    return true;
                }

                @Override
                public void setReadListener(ReadListener listener) {
                    throw new IllegalStateException("the body is read already");
                }
            };
        }
    }
}
