package wrenlane.server.platform.http;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.RunningApp;

/** Everything stored counts its changes, and what somebody else has changed is not overwritten unasked. */
class VersionsTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** One thing that can be stored, and where. */
    private record Resource(String store, Map<String, Object> request, String name) {}

    static List<Resource> things() {
        Map<String, Object> day = new HashMap<>(Map.of(
                "date", "2026-05-14", "title", "A", "courseIds", List.of(), "stands", List.of(), "riders", List.of()));
        return List.of(
                new Resource("/api/yards", Courses.yard("A"), "name"),
                new Resource("/api/machines", Courses.machine("A"), "name"),
                new Resource("/api/riders", Courses.rider("A"), "name"),
                new Resource("/api/courses", Courses.box(7), "name"),
                new Resource("/api/days", day, "title"));
    }

    private static String json(Object body) {
        return JSON.writeValueAsString(body);
    }

    @ParameterizedTest
    @MethodSource("things")
    void theSecondOfTwoChangesToOneVersionIsToldOfBothStates(Resource thing) {
        JsonNode made = APP.post(thing.store(), thing.request()).body();
        String path = thing.store() + "/" + made.get("id").asLong();
        String read = APP.version(path);
        assertThat(read).isEqualTo("\"" + made.get("version").asLong() + "\"");

        Map<String, Object> first = new HashMap<>(thing.request());
        first.put(thing.name(), "First");
        RunningApp.Answer stored = APP.send("PUT", path, json(first), "If-Match", read);
        assertThat(stored.status()).as(stored.raw().body()).isEqualTo(200);
        assertThat(stored.body().get("version").asLong())
                .isEqualTo(made.get("version").asLong() + 1);
        assertThat(stored.raw().headers().firstValue("ETag")).hasValue(APP.version(path));

        Map<String, Object> second = new HashMap<>(thing.request());
        second.put(thing.name(), "Second");
        RunningApp.Answer late = APP.send("PUT", path, json(second), "If-Match", read);
        assertThat(late.status()).isEqualTo(412);
        assertThat(late.body().at("/current/" + thing.name()).asString()).isEqualTo("First");
        assertThat(late.body().at("/wanted/" + thing.name()).asString()).isEqualTo("Second");
        assertThat(APP.get(path).body().get(thing.name()).asString()).isEqualTo("First");

        assertThat(APP.send("DELETE", path, "", "If-Match", read).status()).isEqualTo(412);
        assertThat(APP.get(path).status()).isEqualTo(200);
        assertThat(APP.send("DELETE", path, "", "If-Match", APP.version(path)).status())
                .isEqualTo(204);
    }

    @ParameterizedTest
    @MethodSource("things")
    void aChangeMustSayWhichVersionWasRead(Resource thing) {
        String path = thing.store() + "/"
                + APP.post(thing.store(), thing.request()).body().get("id").asLong();
        assertThat(APP.send("PUT", path, json(thing.request())).status()).isEqualTo(428);
        assertThat(APP.send("DELETE", path, "").status()).isEqualTo(428);
        assertThat(APP.send("DELETE", path, "", "If-Match", "yesterday's").status())
                .isEqualTo(422);
        assertThat(APP.get(path).status()).isEqualTo(200);
    }

    @Test
    void theKitIsOneThing() {
        String read = APP.version("/api/kit");
        String counted = json(Map.of("conesOwned", Map.of("TALL", 12)));
        assertThat(APP.send("PUT", "/api/kit", counted, "If-Match", read).status())
                .isEqualTo(200);
        RunningApp.Answer late = APP.send("PUT", "/api/kit", counted, "If-Match", read);
        assertThat(late.status()).isEqualTo(412);
        assertThat(late.body().at("/current/conesOwned/TALL").asInt()).isEqualTo(12);
    }

    /** Ids are in queues of phones: the next rider must not get the number of one that was deleted. */
    @ParameterizedTest
    @MethodSource("things")
    void aNumberIsNeverGivenTwice(Resource thing) {
        long first = APP.post(thing.store(), thing.request()).body().get("id").asLong();
        APP.delete(thing.store() + "/" + first);
        long second = APP.post(thing.store(), thing.request()).body().get("id").asLong();
        assertThat(second).isGreaterThan(first);
    }

    @Test
    void whatIsInUseSaysByWhat() {
        long machine = APP.post("/api/machines", Courses.machine("Twin"))
                .body()
                .get("id")
                .asLong();
        Map<String, Object> ada = Courses.rider("Ada Testwick");
        ada.put("machineId", machine);
        long rider = APP.post("/api/riders", ada).body().get("id").asLong();
        for (int i = 0; i < 2; i++) {
            APP.post(
                    "/api/days",
                    Map.of(
                            "date", "2026-05-1" + i,
                            "title", "A day",
                            "courseIds", List.of(),
                            "stands", List.of(),
                            "riders", List.of(Map.of("riderId", rider, "machineId", machine))));
        }
        assertThat(APP.delete("/api/riders/" + rider).body().get("detail").asString())
                .contains("2 days");
        assertThat(APP.delete("/api/machines/" + machine).body().get("detail").asString())
                .contains("1 rider and 2 days");
    }

    @Test
    void aDayKeepsACourseThatIsTakenAwayAndBroughtBack() {
        long course = APP.post("/api/courses", Courses.box(7)).body().get("id").asLong();
        Map<String, Object> day = new HashMap<>(Map.of(
                "date",
                "2026-05-14",
                "title",
                "A",
                "courseIds",
                List.of(course),
                "stands",
                List.of(),
                "riders",
                List.of()));
        String path = "/api/days/" + APP.post("/api/days", day).body().get("id").asLong();
        APP.put("/api/courses/" + course + "/archived", Map.of("archived", true));
        RunningApp.Answer refused = APP.put(path, day);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().at("/findings/0/where").asString()).isEqualTo("courseIds.0");
        day.put("courseIds", List.of());
        assertThat(APP.put(path, day).status()).isEqualTo(200);
        APP.put("/api/courses/" + course + "/archived", Map.of("archived", false));
        assertThat(APP.get(path).body().at("/courseIds/0").asLong()).isEqualTo(course);
    }

    /** One day as it is stored in two states that differ in everything. */
    private static Map<String, Object> state(String title, long course) {
        return new HashMap<>(Map.of(
                "date",
                "2026-05-14",
                "title",
                title,
                "courseIds",
                List.of(course),
                "stands",
                List.of(),
                "riders",
                List.of()));
    }

    @Test
    void aReadOfADayIsOfOneState() throws InterruptedException {
        long first = APP.post("/api/courses", Courses.box(7)).body().get("id").asLong();
        long second = APP.post("/api/courses", Courses.box(6)).body().get("id").asLong();
        String path = "/api/days/"
                + APP.post("/api/days", state("First", first)).body().get("id").asLong();
        Thread writer = new Thread(() -> {
            for (int i = 0; i < 150; i++) {
                APP.send(
                        "PUT",
                        path,
                        json(i % 2 == 0 ? state("Second", second) : state("First", first)),
                        "If-Match",
                        "*");
            }
        });
        writer.start();
        int reads = 0;
        while (writer.isAlive()) {
            JsonNode day = APP.get(path).body();
            long course = day.at("/courseIds/0").asLong();
            assertThat(course).isEqualTo(day.get("title").asString().equals("First") ? first : second);
            reads++;
        }
        writer.join();
        assertThat(reads).isPositive();
    }
}
