package wrenlane.e2e;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/**
 * The demo day brought in once, with how hard its courses are on its machines; every server starts from a copy, as an
 * instructor's does in the morning after the evening it was planned on.
 */
final class DemoData {
    private static Optional<Path> broughtIn = Optional.empty();

    private DemoData() {}

    /** A new folder with it. */
    static synchronized Path copy() throws IOException {
        if (broughtIn.isEmpty()) {
            broughtIn = Optional.of(bringIn());
        }
        Path copy = Files.createTempDirectory("wren-lane-e2e");
        copyInto(copy, broughtIn.get());
        return copy;
    }

    private static Path bringIn() throws IOException {
        Path kept = Files.createTempDirectory("wren-lane-demo");
        Path data = Files.createTempDirectory("wren-lane-e2e");
        try (RunningServer server = new RunningServer(true, false, data)) {
            HttpClient http = HttpClient.newHttpClient();
            for (int course = 1; course <= 4; course++) {
                URI standing = URI.create(server.address() + "/api/days/5/courses/" + course + "/standing");
                http.send(HttpRequest.newBuilder(standing).build(), BodyHandlers.discarding());
            }
            server.stop();
            copyInto(kept, data);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
        Runtime.getRuntime().addShutdownHook(new Thread(() -> {
            try {
                delete(kept);
            } catch (IOException e) {
                // A folder left over in the system's own place for such.
            }
        }));
        return kept;
    }

    private static void copyInto(Path to, Path from) throws IOException {
        try (var files = Files.walk(from)) {
            for (Path p : files.toList()) {
                Path target = to.resolve(from.relativize(p).toString());
                if (Files.isDirectory(p)) {
                    Files.createDirectories(target);
                } else {
                    Files.copy(p, target);
                }
            }
        }
    }

    /** A folder with all that is in it. */
    static void delete(Path folder) throws IOException {
        try (var files = Files.walk(folder)) {
            for (Path p : files.sorted((a, b) -> b.compareTo(a)).toList()) {
                Files.delete(p);
            }
        }
    }
}
