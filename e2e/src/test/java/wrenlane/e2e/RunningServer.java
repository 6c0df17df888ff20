package wrenlane.e2e;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;

/** The built jar as a process with a data folder of its own; it can be stopped and started again on the same data. */
final class RunningServer implements AutoCloseable {
    private static final Duration START_LIMIT = Duration.ofMinutes(2);

    static final String PASSPHRASE = "four wet cones apart";

    private static final long LOOK_MILLISECONDS = 50;

    static final String JAVA =
            Path.of(System.getProperty("java.home"), "bin", "java").toString();

    private final BuiltApp app;
    private final List<String> options;
    private final Path data;
    private final boolean demo;
    private final int port;
    private final Optional<Integer> networkPort;
    private Process process;

    /**
     * Starts it and waits for its first answer.
     *
     * @param demo whether it starts with the demo day, or empty
     * @param network whether it lets in phones of the network, by {@link #PASSPHRASE}
     */
    RunningServer(boolean demo, boolean network) throws IOException {
        this(BuiltApp.ready(), demo, network);
    }

    /** With the demo day, as a person starts it. */
    static RunningServer asForAPerson() throws IOException {
        BuiltApp app = BuiltApp.ready();
        return new RunningServer(app, app.optionsOfAPerson(), true, false, app.demoData());
    }

    private RunningServer(BuiltApp app, boolean demo, boolean network) throws IOException {
        this(app, app.options(), demo, network, demo ? app.demoData() : Files.createTempDirectory("wren-lane-e2e"));
    }

    /**
     * The same with options for the Java machine, on a data folder that is there.
     *
     * @param data is deleted with the server
     */
    RunningServer(BuiltApp app, List<String> options, boolean demo, boolean network, Path data) throws IOException {
        this.app = app;
        this.options = options;
        this.demo = demo;
        this.data = data;
        this.port = freePort();
        this.networkPort = network ? Optional.of(freePort()) : Optional.empty();
        this.process = launch();
        awaitFirstPage();
    }

    private static int freePort() throws IOException {
        try (ServerSocket free = new ServerSocket(0)) {
            return free.getLocalPort();
        }
    }

    /** Where phones of the network find it, as far as this machine goes. */
    String networkAddress() {
        return "https://127.0.0.1:" + networkPort.orElseThrow();
    }

    String address() {
        return "http://127.0.0.1:" + port;
    }

    /** Stops the process and waits for its end. */
    void stop() {
        process.destroy();
        try {
            if (!process.waitFor(30, TimeUnit.SECONDS)) {
                process.destroyForcibly().waitFor();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** Ends the process at once, whatever it is doing. */
    void kill() {
        process.destroyForcibly();
        try {
            process.waitFor();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** Starts it again on the same data and port. */
    void start() throws IOException {
        process = launch();
        awaitFirstPage();
    }

    /** Starts it again where a test that failed left it ended. */
    void startIfEnded() throws IOException {
        if (!process.isAlive()) {
            start();
        }
    }

    private Process launch() throws IOException {
        List<String> command = new ArrayList<>(List.of(JAVA, "-Xmx512m", "-XX:+UseSerialGC"));
        command.addAll(options);
        command.addAll(List.of(
                "-jar",
                app.jar().toString(),
                "--wren.data=" + data,
                // What takes too long is refused, which has tests of its own; here a slow machine is only slow.
                "--wren.calculation-seconds=15",
                "--wren.warm-up=false",
                "--server.port=" + port));
        if (demo) {
            command.add("--wren.demo=" + BuiltApp.root().resolve("demo/ferry-apron.json"));
        }
        networkPort.ifPresent(on -> command.addAll(List.of("--wren.lan=true", "--wren.lan-port=" + on)));
        ProcessBuilder process = new ProcessBuilder(command);
        process.environment().put("WREN_PASSPHRASE", PASSPHRASE);
        return process.redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(
                        data.resolve("server.log").toFile()))
                .start();
    }

    /** Asks until the demo day, or the empty list of days, is there. */
    private void awaitFirstPage() throws IOException {
        HttpClient http = HttpClient.newHttpClient();
        HttpRequest days =
                HttpRequest.newBuilder(URI.create(address() + "/api/days")).build();
        Instant limit = Instant.now().plus(START_LIMIT);
        while (Instant.now().isBefore(limit) && process.isAlive()) {
            try {
                // Leaves the cores to the start that is waited for.
                TimeUnit.MILLISECONDS.sleep(LOOK_MILLISECONDS);
                HttpResponse<String> answer = http.send(days, HttpResponse.BodyHandlers.ofString());
                if (answer.statusCode() == 200 && (!demo || answer.body().contains("lesson 5"))) {
                    return;
                }
            } catch (IOException e) {
                // Not listening yet.
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(e);
            }
        }
        throw new IllegalStateException("no first page:\n" + Files.readString(data.resolve("server.log")));
    }

    @Override
    public void close() throws IOException {
        stop();
        Folders.delete(data);
    }
}
