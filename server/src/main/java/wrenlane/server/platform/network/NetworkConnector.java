package wrenlane.server.platform.network;

import java.net.InetAddress;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.AbstractHttp11Protocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.TomcatWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** A second ear, on the network and over TLS alone; the first stays on loopback. */
@ConditionalOnNetwork
@Component
public class NetworkConnector implements WebServerFactoryCustomizer<TomcatWebServerFactory> {
    private static final String ALIAS = "wren";

    private static final int SWALLOWED_BYTES = 64 << 20;

    /** Threads for the network; those for this machine itself are others. Chosen by us. */
    private static final int MOST_THREADS = 64;

    /** Connections of the network; chosen by us: ten for each of sixty devices, and room for strangers. */
    private static final int MOST_CONNECTIONS = 1000;

    private final Authority authority;
    private final Duration silent;
    private final Duration kept;
    private final List<InetAddress> addresses = OwnAddresses.now();
    private final Connector connector;

    /**
     * @param silent how long a sender may be silent, as for the first ear
     * @param kept how long a connection is kept for the next request, as for the first ear
     */
    NetworkConnector(
            @Value("${wren.data}") String data,
            @Value("${wren.lan-port}") int port,
            @Value("${server.tomcat.connection-timeout}") Duration silent,
            @Value("${server.tomcat.keep-alive-timeout}") Duration kept,
            ConnectionThrottle throttle,
            Clock clock) {
        this.silent = silent;
        this.kept = kept;
        this.authority = Authority.of(Path.of(data), clock);
        connector = new Connector(new ThrottledProtocol(throttle));
        connector.setPort(port);
        connector.setScheme("https");
        connector.setSecure(true);
    }

    @Override
    public void customize(TomcatWebServerFactory factory) {
        AbstractHttp11Protocol<?> protocol = (AbstractHttp11Protocol<?>) connector.getProtocolHandler();
        protocol.setConnectionTimeout((int) silent.toMillis());
        protocol.setKeepAliveTimeout((int) kept.toMillis());
        protocol.setMaxSwallowSize(SWALLOWED_BYTES);
        if (factory.getCompression() != null) {
            protocol.setCompression("on");
            protocol.setCompressibleMimeType(
                    String.join(",", factory.getCompression().getMimeTypes()));
        }
        protocol.setSSLEnabled(true);
        protocol.addSslHostConfig(tls());
        protocol.setMaxThreads(MOST_THREADS);
        protocol.setMaxConnections(MOST_CONNECTIONS);
        factory.addAdditionalConnectors(connector);
        factory.addEngineValves(new NetworkLimits());
    }

    private SSLHostConfig tls() {
        char[] password = ALIAS.toCharArray();
        SSLHostConfig host = new SSLHostConfig();
        host.setProtocols("TLSv1.2+TLSv1.3");
        SSLHostConfigCertificate certificate = new SSLHostConfigCertificate(host, SSLHostConfigCertificate.Type.EC);
        certificate.setCertificateKeystore(
                authority.serverFor(addresses, OwnAddresses.ownName().stream().toList(), ALIAS, password));
        certificate.setCertificateKeyAlias(ALIAS);
        certificate.setCertificateKeyPassword(ALIAS);
        host.addCertificate(certificate);
        return host;
    }

    Authority authority() {
        return authority;
    }

    /** The port it listens on. */
    public int port() {
        return connector.getLocalPort();
    }

    /** Whether this machine has other addresses by now than those its certificate speaks for. */
    boolean moved() {
        return !Set.copyOf(OwnAddresses.now()).equals(Set.copyOf(addresses));
    }

    /** Where phones find the app, the likeliest first. */
    List<String> places() {
        return addresses.stream()
                .map(address -> "https://" + address.getHostAddress() + ":" + port())
                .toList();
    }

    /** What to say in the terminal once it listens: where it is, and that as a code for a phone's camera. */
    public String announcement() {
        return places().stream()
                .findFirst()
                .map(place -> "On the network it is at " + String.join(" and ", places()) + ", with the passphrase.\n"
                        + QrCode.of(place + NetworkController.FIRST_PAGE).lines())
                .orElse("This machine is on no network now: join one and start again for phones to reach it.");
    }
}
