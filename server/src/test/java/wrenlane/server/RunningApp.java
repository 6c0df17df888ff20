package wrenlane.server;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.ToIntFunction;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import wrenlane.server.network.Passphrase;

/**
 * Starts the real application on a free port with a data file of its own, and talks to it over HTTP. The one without data and
 * the one with the demo day are started once for all classes of the process; each class finds them as they came, since the
 * data of then is put in its place.
 */
public final class RunningApp implements BeforeAllCallback {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final HttpClient HTTP = HttpClient.newHttpClient();

    private static final ExtensionContext.Namespace APPS = ExtensionContext.Namespace.create(RunningApp.class);

    private final List<String> args;
    private final boolean shared;
    private @Nullable Started app;

    private record Started(ConfigurableApplicationContext context, Path folder) implements AutoCloseable {
        @Override
        public void close() throws IOException {
            context.close();
            try (var files = Files.walk(folder)) {
                for (Path p : files.sorted((a, b) -> b.compareTo(a)).toList()) {
                    Files.delete(p);
                }
            }
        }
    }

    private RunningApp(List<String> args, boolean shared) {
        this.args = args;
        this.shared = shared;
    }

    /** An application without data. */
    public static RunningApp empty() {
        return new RunningApp(List.of(), true);
    }

    /** An application without data that is shared with no other class: for tests that ask about the process itself. */
    public static RunningApp apart() {
        return with();
    }

    /** An application started with arguments of its own, for one class. */
    public static RunningApp with(String... args) {
        return new RunningApp(List.of(args), false);
    }

    /** The passphrase of {@link #onNetwork}. */
    public static final String PASSPHRASE = "four wet cones apart";

    /** An application that also listens on the network, for those who know the passphrase. */
    public static RunningApp onNetwork() {
        return with("--wren.lan=true", "--wren.lan-port=0");
    }

    /** An application with the demo day. */
    public static RunningApp withDemoDay() {
        return new RunningApp(List.of("--wren.demo=../demo/ferry-apron.json"), true);
    }

    /** Three of the demo day's riders on two of its courses: what is reckoned for everybody then takes less time. */
    public static RunningApp withSmallDemoDay() {
        Set<String> riders = Set.of("ines", "brigid", "sol");
        Set<String> courses = Set.of("slip", "bollards");
        try {
            JsonNode file = JSON.readTree(Files.readString(Path.of("../demo/ferry-apron.json")));
            keep(file.get("riders"), "key", riders);
            keep(file.get("virtualRiders"), "rider", riders);
            keep(file.get("courses"), "key", courses);
            for (JsonNode day : file.get("days")) {
                keep(day.get("riders"), "rider", riders);
                ((ArrayNode) day.get("courses")).removeIf(course -> !courses.contains(course.asString()));
                keep(day.path("stands"), "course", courses);
                keep(day.path("standsAt"), "course", courses);
            }
            Path small = Files.createTempFile("wren-lane-demo", ".json");
            small.toFile().deleteOnExit();
            Files.writeString(small, file.toString());
            return with("--wren.demo=" + small);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Of a list of things, those that are called so; nothing to do where there is no list. */
    private static void keep(JsonNode things, String field, Set<String> called) {
        if (things instanceof ArrayNode list) {
            list.removeIf(thing -> !called.contains(thing.get(field).asString()));
        }
    }

    @Override
    public void beforeAll(ExtensionContext extension) {
        if (shared) {
            Shared one = extension
                    .getStore(ExtensionContext.StoreScope.LAUNCHER_SESSION, APPS)
                    .getOrComputeIfAbsent(args, this::sharing, Shared.class);
            app = one.started;
            Answer restored = post("/api/copies/restorations", Map.of("name", one.copy));
            if (restored.status() != 200) {
                throw new IllegalStateException("the data cannot be put back: " + restored.body());
            }
        } else {
            app = extension.getStore(APPS).getOrComputeIfAbsent(this, one -> start(args), Started.class);
        }
    }

    private Shared sharing(List<String> wanted) {
        Started started = start(wanted);
        app = started;
        return new Shared(
                started, post("/api/copies", Map.of()).body().get("name").asString());
    }

    /** One that classes use in turn, and a copy of the data it came with. */
    private record Shared(Started started, String copy) implements AutoCloseable {
        @Override
        public void close() throws IOException {
            started.close();
        }
    }

    private Started start(List<String> wanted) {
        try {
            Path folder = Files.createTempDirectory("wren-lane-test");
            if (wanted.contains("--wren.lan=true")) {
                Passphrase.of(folder).set(PASSPHRASE);
            }
            List<String> all = new ArrayList<>(wanted);
            // What takes too long, or falls silent, is refused: that has tests of its own; here a slow machine is only
            // slow.
            for (String patience : List.of("--wren.reckoning-seconds=60", "--server.tomcat.connection-timeout=60s")) {
                String name = patience.substring(0, patience.indexOf('=') + 1);
                if (wanted.stream().noneMatch(arg -> arg.startsWith(name))) {
                    all.add(patience);
                }
            }
            all.addAll(List.of(
                    "--server.port=0",
                    "--wren.data=" + folder,
                    "--wren.max-body-bytes=200000",
                    // Nobody waits for the first course here, and the cores have tests to run.
                    "--wren.warm-up=false"));
            return new Started(WrenLane.start(all.toArray(String[]::new)), folder);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private Started started() {
        return Objects.requireNonNull(app, "register with @RegisterExtension");
    }

    /** A bean of the running application. */
    public <T> T bean(Class<T> type) {
        return started().context().getBean(type);
    }

    /** Where its data lies. */
    public Path folder() {
        return started().folder();
    }

    /** Port it listens on. */
    public int port() {
        return Objects.requireNonNull(((WebServerApplicationContext) started().context()).getWebServer())
                .getPort();
    }

    /** An answer with its body read as JSON. */
    public record Answer(int status, JsonNode body, HttpResponse<String> raw) {}

    public Answer get(String path) {
        return send("GET", path, "");
    }

    public Answer post(String path, Object body) {
        return send("POST", path, json(body));
    }

    /** Asks for something reckoned in parts, as a page does, until all of them are there. */
    public JsonNode finished(String path, Object body, ToIntFunction<JsonNode> parts) {
        while (true) {
            Answer answer = post(path, body);
            if (answer.status() != 200) {
                throw new IllegalStateException(
                        path + " answers " + answer.raw().body());
            }
            if (answer.body().get("finished").asInt() == parts.applyAsInt(answer.body())) {
                return answer.body();
            }
        }
    }

    /** Reads something reckoned in parts, as a page does, until all of them are there. */
    public JsonNode finished(String path) {
        while (true) {
            Answer answer = get(path);
            if (answer.status() != 200) {
                throw new IllegalStateException(
                        path + " answers " + answer.raw().body());
            }
            if (!answer.body().get("unfinished").asBoolean()) {
                return answer.body();
            }
        }
    }

    /** Changes something as a page does that has just read it. */
    public Answer put(String path, Object body) {
        return send("PUT", path, json(body), "If-Match", version(path));
    }

    /** Deletes something as a page does that has just read it. */
    public Answer delete(String path) {
        return send("DELETE", path, "", "If-Match", version(path));
    }

    /** The version of what is there now, as its {@code ETag} says; any where there is nothing to read. */
    public String version(String path) {
        return get(path).raw().headers().firstValue("ETag").orElse("*");
    }

    /** Sends a body as it is, well formed or not. */
    public Answer send(String method, String path, String body, String... headers) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port() + path))
                .header("Content-Type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofString(body));
        if (headers.length > 0) {
            request.headers(headers);
        }
        return answer(request.build());
    }

    /** Brings a file as a copy of the data. */
    public Answer bring(byte[] file) {
        return answer(HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port() + "/api/copies/uploads"))
                .header("Content-Type", "application/vnd.sqlite3")
                .POST(HttpRequest.BodyPublishers.ofByteArray(file))
                .build());
    }

    private static Answer answer(HttpRequest request) {
        try {
            HttpResponse<String> response = HTTP.send(request, HttpResponse.BodyHandlers.ofString());
            String type = response.headers().firstValue("Content-Type").orElse("");
            JsonNode read = type.contains("json") ? JSON.readTree(response.body()) : JSON.nullNode();
            return new Answer(response.statusCode(), read, response);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** What a file holds that is there, as it is downloaded. */
    public byte[] bytes(String path, String... headers) {
        return file(path, headers).body();
    }

    /** A file that is there, as it is downloaded. */
    public HttpResponse<byte[]> file(String path, String... headers) {
        HttpRequest.Builder asked = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port() + path));
        if (headers.length > 0) {
            asked.headers(headers);
        }
        HttpRequest request = asked.build();
        try {
            HttpResponse<byte[]> response = HTTP.send(request, HttpResponse.BodyHandlers.ofByteArray());
            if (response.statusCode() != 200) {
                throw new IllegalStateException(path + " answers " + response.statusCode());
            }
            return response;
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    static String json(Object body) {
        return JSON.writeValueAsString(body);
    }
}
