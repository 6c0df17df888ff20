package wrenlane.server.platform.network;

import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Where this machine can be reached from: its IPv4 addresses of private networks (RFC 1918, and RFC 3927 where nobody
 * hands out addresses), and its name as a network without a name server says it (RFC 6762). Addresses of the internet at
 * large are not among them: whoever asks for one is not answered.
 */
public final class OwnAddresses {
    private static final String NAME = "[a-z0-9]([a-z0-9-]{0,61}[a-z0-9])?";

    private OwnAddresses() {}

    /** Networks that a machine has within itself, by the start of their names. */
    private static final Pattern INNER = Pattern.compile("^(docker|br-|veth|virbr|vmnet|vboxnet)");

    /** The addresses now; first those that a phone can most likely reach. */
    public static List<InetAddress> now() {
        try {
            return NetworkInterface.networkInterfaces()
                    .filter(OwnAddresses::inUse)
                    .sorted(Comparator.comparing(
                            network -> INNER.matcher(network.getName()).find()))
                    .flatMap(NetworkInterface::inetAddresses)
                    .filter(OwnAddresses::isPrivate)
                    .sorted(Comparator.comparing(InetAddress::isLinkLocalAddress))
                    .toList();
        } catch (SocketException e) {
            return List.of();
        }
    }

    /** Every name the app answers to on the network. */
    public static List<String> names() {
        return Stream.concat(now().stream().map(InetAddress::getHostAddress), ownName().stream())
                .toList();
    }

    /** The machine's own name, such as {@code laptop.local}; empty where it has none that a certificate can carry. */
    static Optional<String> ownName() {
        try {
            String first =
                    InetAddress.getLocalHost().getHostName().split("\\.", -1)[0].toLowerCase(Locale.ROOT);
            return first.matches(NAME) && !first.equals("localhost") ? Optional.of(first + ".local") : Optional.empty();
        } catch (UnknownHostException e) {
            return Optional.empty();
        }
    }

    static boolean isPrivate(InetAddress address) {
        return address instanceof Inet4Address
                && !address.isLoopbackAddress()
                && (address.isSiteLocalAddress() || address.isLinkLocalAddress());
    }

    private static boolean inUse(NetworkInterface network) {
        try {
            return network.isUp() && !network.isLoopback();
        } catch (SocketException e) {
            return false;
        }
    }
}
