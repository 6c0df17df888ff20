package wrenlane.e2e;

import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;

/** A server with the demo day or empty, and a copy of the data it came with: what classes of tests use in turn. */
final class SharedServer implements AutoCloseable {
    private final RunningServer server;
    private final JsonObject copy;

    private SharedServer(RunningServer server) throws IOException {
        this.server = server;
        this.copy = post("/api/copies", new JsonObject());
    }

    static SharedServer started(boolean demo) {
        try {
            return new SharedServer(new RunningServer(demo, false));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The same server, with the data of then. */
    RunningServer asItCame() throws IOException {
        JsonObject wanted = new JsonObject();
        wanted.add("name", copy.get("name"));
        post("/api/copies/restorations", wanted);
        return server;
    }

    private JsonObject post(String path, JsonObject body) throws IOException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(server.address() + path))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body.toString()))
                .build();
        try {
            HttpResponse<String> answer =
                    HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() >= 300) {
                throw new IllegalStateException(path + " answers " + answer.body());
            }
            return JsonParser.parseString(answer.body()).getAsJsonObject();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    @Override
    public void close() throws IOException {
        server.close();
    }
}
