package wrenlane.server.platform.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.RunningApp;

/** Copies while the app runs: kept, taken away as a file, brought back and restored, with everybody else going on. */
class CopyTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.apart();

    @Test
    void takenAwayAndBroughtBackItIsTheSame() {
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
        RunningApp.Answer brought = APP.bring(file);
        assertThat(brought.status()).as(brought.raw().body()).isEqualTo(201);
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
    void whatIsNoCopyIsRefused() {
        String before = APP.get("/api/riders").raw().body();
        RunningApp.Answer refused =
                APP.bring("not a copy of anything, but long enough to look at".getBytes(StandardCharsets.UTF_8));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.raw().body()).contains("not a data file");
        for (String name : new String[] {"missing.db", "../wren-lane.db", ".."}) {
            assertThat(APP.post("/api/copies/restorations", Map.of("name", name))
                            .status())
                    .isEqualTo(404);
        }
        assertThat(APP.get("/api/copies/missing.db").status()).isEqualTo(404);
        assertThat(APP.get("/api/riders").raw().body()).isEqualTo(before);
    }
}
