package wrenlane.server.http;

import java.io.IOException;
import org.apache.coyote.Adapter;
import org.apache.coyote.Processor;
import org.apache.coyote.http11.AbstractHttp11Protocol;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.coyote.http11.Http11Processor;

/** HTTP/1.1 as Tomcat speaks it, but that interim responses are sent when they are written. Made by Tomcat, by name. */
public class InterimProtocol extends Http11NioProtocol {
    @Override
    protected Processor createProcessor() {
        return new AtOnce(this, getAdapter());
    }

    private static final class AtOnce extends Http11Processor {
        AtOnce(AbstractHttp11Protocol<?> protocol, Adapter adapter) {
            super(protocol, adapter);
        }

        @Override
        protected void earlyHints() throws IOException {
            super.earlyHints();
            flush();
        }
    }
}
