package wrenlane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Copies while the app runs: kept, taken away as a file, brought back and restored, with everybody else going on. */
class CopyTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.apart();

    private static HttpResponse<String> bring(byte[] file) throws IOException, InterruptedException {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + APP.port() + "/api/copies/uploads"))
                                .header("Content-Type", "application/vnd.sqlite3")
                                .POST(HttpRequest.BodyPublishers.ofByteArray(file))
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
    }

    @Test
    void takenAwayAndBroughtBackItIsTheSame() throws IOException, InterruptedException {
        APP.post("/api/riders", Courses.rider("Ada Testwick"));
        String before = APP.get("/api/riders").raw().body();
        RunningApp.Answer kept = APP.post("/api/copies", Map.of());
        assertThat(kept.status()).as(kept.raw().body()).isEqualTo(201);
        assertThat(kept.body().at("/content/riders").asInt()).isEqualTo(1);
        byte[] file = APP.bytes("/api/copies/" + kept.body().get("name").asString());

        long second = APP.post("/api/riders", Courses.rider("Bea Testwick"))
                .body()
                .get("id")
                .asLong();
        HttpResponse<String> brought = bring(file);
        assertThat(brought.statusCode()).as(brought.body()).isEqualTo(201);
        String name = APP.get("/api/copies")
                .body()
                .valueStream()
                .map(c -> c.get("name").asString())
                .filter(n -> n.startsWith("brought"))
                .findFirst()
                .orElseThrow();
        RunningApp.Answer restored = APP.post("/api/copies/restorations", Map.of("name", name));
        assertThat(restored.status()).as(restored.raw().body()).isEqualTo(200);
        assertThat(APP.get("/api/riders").raw().body().replaceAll("\"version\":\\d+", ""))
                .isEqualTo(before.replaceAll("\"version\":\\d+", ""));
        long third = APP.post("/api/riders", Courses.rider("Cleo Testwick"))
                .body()
                .get("id")
                .asLong();
        assertThat(third).isGreaterThan(second);

        // What was there before is one more copy.
        APP.post(
                "/api/copies/restorations",
                Map.of("name", restored.body().get("before").asString()));
        assertThat(APP.get("/api/riders").raw().body()).contains("Bea Testwick").doesNotContain("Cleo Testwick");
    }

    @Test
    void whatIsNoCopyIsRefused() throws IOException, InterruptedException {
        String before = APP.get("/api/riders").raw().body();
        HttpResponse<String> refused =
                bring("not a copy of anything, but long enough to look at".getBytes(StandardCharsets.UTF_8));
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(refused.body()).contains("not a data file");
        for (String name : new String[] {"missing.db", "../wren-lane.db", ".."}) {
            assertThat(APP.post("/api/copies/restorations", Map.of("name", name))
                            .status())
                    .isEqualTo(404);
        }
        assertThat(APP.get("/api/copies/missing.db").status()).isEqualTo(404);
        assertThat(APP.get("/api/riders").raw().body()).isEqualTo(before);
    }
}
