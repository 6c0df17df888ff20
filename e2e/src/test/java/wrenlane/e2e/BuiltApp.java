package wrenlane.e2e;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The built jar made ready to be started many times: unpacked, with an archive of its loaded classes, and with a data
 * folder of the demo day that knows how hard its courses are on its machines. It is made ready once for each build, by
 * whichever process of the tests comes first; every server starts from a copy, as an instructor's does in the morning
 * after the evening the day was planned on.
 */
final class BuiltApp {
    private static final int DEMO_COURSES = 4;

    /** What is really hot alone is optimised: the start is not held up, and what is computed at length is not slow. */
    private static final List<String> OPTIMISED_LATE = List.of(
            "-XX:Tier4InvocationThreshold=50000",
            "-XX:Tier4MinInvocationThreshold=10000",
            "-XX:Tier4CompileThreshold=100000",
            "-XX:Tier4BackEdgeThreshold=400000");

    private static Optional<BuiltApp> ready = Optional.empty();

    private final Path folder;
    private final Path data;

    private BuiltApp(Path folder, Path data) {
        this.folder = folder;
        this.data = data;
    }

    /** The one made ready. */
    static synchronized BuiltApp ready() throws IOException {
        if (ready.isEmpty()) {
            ready = Optional.of(madeReady());
        }
        return ready.get();
    }

    /** The folder of the sources. */
    static Path root() {
        return Path.of(System.getProperty("wren.root", "..")).toAbsolutePath().normalize();
    }

    private static BuiltApp madeReady() throws IOException {
        Path jar = root().resolve("server/target/wren-lane.jar");
        Path target = Files.createDirectories(root().resolve("e2e/target"));
        // Another build's makes room for this one's.
        Path folder = target.resolve("app");
        Path data = folder.resolve("demo-" + Files.getLastModifiedTime(jar).toMillis());
        try (FileChannel lock =
                FileChannel.open(target.resolve("app.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE)) {
            lock.lock();
            BuiltApp app = new BuiltApp(folder, data);
            if (!Files.exists(data)) {
                app.unpack(jar);
                app.train();
            }
            return app;
        }
    }

    private Path archive() {
        return folder.resolve("wren-lane.jsa");
    }

    private void unpack(Path jar) throws IOException {
        Folders.delete(folder);
        Process unpacking = new ProcessBuilder(
                        RunningServer.JAVA,
                        "-Djarmode=tools",
                        "-jar",
                        jar.toString(),
                        "extract",
                        "--destination",
                        folder.toString())
                .inheritIO()
                .start();
        if (unpacking.onExit().join().exitValue() != 0) {
            throw new IllegalStateException("the jar could not be unpacked: " + jar);
        }
    }

    /** Brings the demo day in, and keeps the classes and the data it leaves. */
    private void train() throws IOException {
        Path inUse = Files.createTempDirectory("wren-lane-e2e");
        List<String> options = Stream.concat(
                        Stream.of("-XX:ArchiveClassesAtExit=" + archive()), OPTIMISED_LATE.stream())
                .toList();
        try (RunningServer server = new RunningServer(this, options, true, false, inUse)) {
            HttpClient http = HttpClient.newHttpClient();
            for (int course = 1; course <= DEMO_COURSES; course++) {
                URI standing = URI.create(server.address() + "/api/days/5/courses/" + course + "/sizes");
                http.send(HttpRequest.newBuilder(standing).build(), BodyHandlers.discarding());
            }
            server.stop();
            Folders.copy(inUse, folder.resolve("unfinished"));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
        Files.move(folder.resolve("unfinished"), data);
    }

    /** What to start: the program itself. */
    Path jar() {
        return folder.resolve("wren-lane.jar");
    }

    /** How the Java machine is to run it for a test. */
    List<String> options() {
        return List.of(
                "-XX:SharedArchiveFile=" + archive(),
                "-Xshare:auto",
                // Two cores are shared with a browser, and nothing runs long enough to be worth optimising further.
                "-XX:TieredStopAtLevel=1");
    }

    /** The same as {@code ./wren} starts it for a person. */
    List<String> optionsOfAPerson() {
        return Stream.concat(Stream.of("-XX:SharedArchiveFile=" + archive(), "-Xshare:auto"), OPTIMISED_LATE.stream())
                .toList();
    }

    /** The folder with the demo day, to be copied and left as it is. */
    Path readyData() {
        return data;
    }

    /** A new folder with the demo day. */
    Path demoData() throws IOException {
        Path copy = Files.createTempDirectory("wren-lane-e2e");
        Folders.copy(data, copy);
        return copy;
    }
}
