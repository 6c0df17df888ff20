package wrenlane.server;

import java.util.Arrays;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import wrenlane.server.platform.storage.StartException;

/** What is said on the command line, as far as it can be wrong before anything starts. */
final class StartArguments {
    private static final int HIGHEST_PORT = 65_535;
    private static final Set<String> LOOPBACK = Set.of("127.0.0.1", "::1", "localhost");

    private final String[] args;

    StartArguments(String... args) {
        this.args = args.clone();
    }

    /** What is given as {@code --name=value}, where it is given and not blank. */
    Optional<String> value(String name) {
        String start = "--" + name + "=";
        return Arrays.stream(args)
                .filter(a -> a.startsWith(start))
                .findFirst()
                .map(a -> a.substring(start.length()))
                .filter(v -> !v.isBlank());
    }

    /** The folder the data lies in. */
    String dataFolder() {
        return value("wren.data")
                .orElseThrow(() -> new StartException("Say where the data lies: --wren.data=DIR (./wren run does)."));
    }

    /** Whether phones and tablets of the network are to reach the app. */
    boolean onNetwork() {
        return value("wren.lan").filter("true"::equals).isPresent();
    }

    /** Whether the data is deleted at the end, as that of a demo. */
    boolean isTemporary() {
        return value("wren.temporary").filter("true"::equals).isPresent();
    }

    /** Refuses to listen anywhere but on this machine without asking who is there. */
    void checkAddress() {
        value("server.address").filter(address -> !LOOPBACK.contains(address)).ifPresent(address -> {
            throw new StartException("At " + address
                    + " anybody could read and change the data: let phones in with ./wren run --lan instead.");
        });
    }

    /** Refuses ports that there cannot be. */
    void checkPorts() {
        Stream.of("server.port", "wren.lan-port")
                .flatMap(name -> value(name).stream())
                .forEach(port -> {
                    if (!port.matches("\\d{1,5}") || Integer.parseInt(port) > HIGHEST_PORT) {
                        throw new StartException("There is no port " + port + ": name one from 1 to " + HIGHEST_PORT
                                + ", or 0 for any.");
                    }
                });
    }
}
