package wrenlane.server.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerExceptionResolver;

/** Stops reading a body at a limit, whether or not its length was announced. */
@Component
class BodyLimitFilter extends OncePerRequestFilter {
    private final long limitBytes;
    private final HandlerExceptionResolver resolver;

    BodyLimitFilter(
            @Value("${wren.max-body-bytes}") long limitBytes,
            @Qualifier("handlerExceptionResolver") HandlerExceptionResolver resolver) {
        this.limitBytes = limitBytes;
        this.resolver = resolver;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getContentLengthLong() > limitBytes) {
            resolver.resolveException(request, response, null, new TooLargeException(limitBytes));
        } else {
            chain.doFilter(new Limited(request), response);
        }
    }

    private final class Limited extends HttpServletRequestWrapper {
        Limited(HttpServletRequest request) {
            super(request);
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            ServletInputStream body = super.getInputStream();
            return new ServletInputStream() {
                private long read;

                @Override
                public int read() throws IOException {
                    int next = body.read();
                    count(next < 0 ? 0 : 1);
                    return next;
                }

                @Override
                public int read(byte[] into, int from, int length) throws IOException {
                    int got = body.read(into, from, length);
                    count(Math.max(0, got));
                    return got;
                }

                private void count(int bytes) {
                    read += bytes;
                    if (read > limitBytes) {
                        throw new TooLargeException(limitBytes);
                    }
                }

                @Override
                public boolean isFinished() {
                    return body.isFinished();
                }

                @Override
                public boolean isReady() {
                    return body.isReady();
                }

                @Override
                public void setReadListener(ReadListener listener) {
                    body.setReadListener(listener);
                }
            };
        }
    }
}
