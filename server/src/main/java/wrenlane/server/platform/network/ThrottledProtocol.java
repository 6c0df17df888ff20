package wrenlane.server.platform.network;

import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.SocketAddress;
import java.nio.channels.SocketChannel;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.NioEndpoint;

/** HTTP on connections that a throttle admits; others are closed before anything is read from them. */
final class ThrottledProtocol extends Http11NioProtocol {
    ThrottledProtocol(ConnectionThrottle throttle) {
        super(new Endpoint(throttle));
    }

    private static final class Endpoint extends NioEndpoint {
        private final ConnectionThrottle throttle;

        Endpoint(ConnectionThrottle throttle) {
            this.throttle = throttle;
        }

        @Override
        protected boolean setSocketOptions(SocketChannel socket) {
            if (admits(socket)) {
                return super.setSocketOptions(socket);
            }
            // No connection is known for it yet, so the caller would not close it.
            destroySocket(socket);
            return false;
        }

        private boolean admits(SocketChannel socket) {
            try {
                SocketAddress from = socket.getRemoteAddress();
                return from instanceof InetSocketAddress address && throttle.admits(address.getAddress());
            } catch (IOException e) {
                // It is gone already.
                return false;
            }
        }
    }
}
