package wrenlane.server.lesson.size;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.RunningApp;

/** A course of a day stands at up to three settings: set out together, told to riders, carried in files. */
class RiderSizesTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private long rider;
    private long course;
    private JsonNode day;

    private static long id(RunningApp.Answer created) {
        assertThat(created.status()).as(created.raw().body()).isEqualTo(201);
        return created.body().get("id").asLong();
    }

    @BeforeEach
    void aDay() {
        long machine = id(APP.post("/api/machines", Courses.machine("300 twin")));
        rider = id(APP.post("/api/riders", Courses.rider("Ada Testwick")));
        course = id(APP.post("/api/courses", Courses.box(7.2)));
        day = APP.post("/api/days", request(machine)).body();
    }

    private Map<String, Object> request(long machine) {
        Map<String, Object> request = new HashMap<>();
        request.put("date", "2026-05-14");
        request.put("title", "A day");
        request.put("courseIds", List.of(course));
        request.put("stands", List.of());
        request.put("riders", List.of(Map.of("riderId", rider, "machineId", machine)));
        return request;
    }

    private RunningApp.Answer stand(Double... metres) {
        Map<String, Object> request = request(day.at("/riders/0/machineId").asLong());
        request.put("activeSizes", List.of(Map.of("courseId", course, "metres", metres)));
        return APP.put("/api/days/" + day.get("id").asLong(), request);
    }

    private JsonNode standing(String at) {
        return APP.get("/api/days/" + day.get("id").asLong() + "/courses/" + course + "/sizes" + at)
                .body();
    }

    @Test
    void standsAsItIsSetUntilSomebodySaysOtherwise() {
        assertThat(day.get("activeSizes").size()).isZero();
        JsonNode stands = standing("").get("stands");
        assertThat(stands.get("settings").size()).isEqualTo(1);
        assertThat(stands.at("/settings/0/metres").asDouble()).isEqualTo(7.2);
        JsonNode on = stands.at("/riders/0");
        assertThat(on.get("riderName").asString()).isEqualTo("Ada Testwick");
        assertThat(on.get("beginMetres").asDouble()).isPositive();
    }

    @Test
    void theProposalServesTheRiderAtTheirOwnBeginning() {
        JsonNode proposal = standing("").get("proposal");
        JsonNode on = proposal.at("/riders/0");
        assertThat(proposal.get("settings").size()).isEqualTo(1);
        assertThat(on.get("settingMetres").asDouble())
                .isCloseTo(on.get("beginMetres").asDouble(), within(1e-9));
        assertThat(on.get("offMetres").asDouble()).isCloseTo(0, within(1e-9));
    }

    @Test
    void threeWidthsStandAndAreSetupTogether() {
        assertThat(stand(6.1, 8.2, 7.0).status()).isEqualTo(200);
        JsonNode stored = APP.get("/api/days/" + day.get("id").asLong()).body();
        assertThat(stored.at("/activeSizes/0/metres").toString()).isEqualTo("[8.2,7.0,6.1]");
        JsonNode settings = standing("").at("/stands/settings");
        assertThat(settings.valueStream().map(s -> s.get("letter").asString())).containsExactly("a", "b", "c");
        assertThat(settings.valueStream().map(s -> s.get("ownCones").asInt())).allMatch(n -> n > 0);
        JsonNode set = APP.post(
                        "/api/calculations/setup-sheets",
                        Map.of("laid", Courses.laid(Courses.box(7.2), 8.2, 7.0, 6.1), "system", "METRIC"))
                .body();
        List<String> labels = set.at("/sheet/steps")
                .valueStream()
                .map(s -> s.at("/cone/label").asString())
                .toList();
        assertThat(labels).contains("A", "Da", "Db", "Dc");
        assertThat(set.at("/plan/cones").size()).isEqualTo(labels.size());
        // What is to be brought counts them all.
        int needed = APP.get("/api/days/" + day.get("id").asLong() + "/briefing")
                .body()
                .get("cones")
                .valueStream()
                .mapToInt(c -> c.get("needed").asInt())
                .sum();
        assertThat(needed).isEqualTo(labels.size());
    }

    @Test
    void otherSettingsCanBeAskedAboutWithoutStandingThere() {
        JsonNode asked = standing("?at=9.0&at=6.5");
        assertThat(asked.at("/stands/settings/1/metres").asDouble()).isEqualTo(6.5);
        assertThat(APP.get("/api/days/" + day.get("id").asLong())
                        .body()
                        .get("activeSizes")
                        .size())
                .isZero();
        JsonNode near = standing("?at=9.0&at=8.9");
        assertThat(near.at("/findings/0/code").asString()).isEqualTo("settings-too-near");
        assertThat(near.at("/stands/settings/0/metres").asDouble()).isEqualTo(7.2);
    }

    @Test
    void refusesSettingsThatCannotStandAndKeepsWhatDid() {
        assertThat(stand(8.2, 7.0).status()).isEqualTo(200);
        RunningApp.Answer refused = stand(8.2, 8.1);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().at("/findings/0/code").asString()).isEqualTo("settings-too-near");
        assertThat(standing("").at("/stands/settings").size()).isEqualTo(2);
    }

    @Test
    void aCourseChangedSinceStandsAsItIsSetAndSaysSo() {
        assertThat(stand(8.2, 7.0).status()).isEqualTo(200);
        Map<String, Object> weave = Courses.standard(APP.get("/api/course-kinds")
                .body()
                .valueStream()
                .filter(k -> k.get("kind").asString().equals("straight-weave"))
                .findFirst()
                .orElseThrow());
        assertThat(APP.put("/api/courses/" + course, weave).status()).isEqualTo(200);
        JsonNode standing = standing("");
        assertThat(standing.at("/findings/0/code").asString()).isEqualTo("kind-does-not-nest");
        assertThat(standing.at("/stands/settings").size()).isEqualTo(1);
        // Other changes of the day are not held up by it.
        assertThat(stand(8.2, 7.0).status()).isEqualTo(200);
    }

    @Test
    void goesOutAndComesInWithTheDay() {
        assertThat(stand(8.2, 7.0, 6.1).status()).isEqualTo(200);
        String file = APP.get("/api/days/" + day.get("id").asLong() + "/export.json")
                .raw()
                .body();
        assertThat(file).contains("standsAt");
        RunningApp.Answer in = APP.send("POST", "/api/imports", file);
        assertThat(in.status()).as(in.raw().body()).isEqualTo(201);
        JsonNode newest = APP.get("/api/days")
                .body()
                .valueStream()
                .max(Comparator.comparingLong(d -> d.get("id").asLong()))
                .orElseThrow();
        assertThat(newest.at("/activeSizes/0/metres").toString()).isEqualTo("[8.2,7.0,6.1]");
        ObjectNode near = (ObjectNode) JSON.readTree(file);
        ((ObjectNode) near.at("/days/0/standsAt/0")).putPOJO("metres", List.of(8.2, 8.1));
        RunningApp.Answer refused = APP.post("/api/calculations/import-previews", near);
        assertThat(refused.body().at("/findings/0/code").asString()).isEqualTo("settings-too-near");
    }

    /** What is kept of one answer to the next follows whatever is stored. */
    @ParameterizedTest
    @ValueSource(strings = {"briefing", "lesson", "range-check", "standing"})
    void whatIsStoredShowsInTheNextAnswer(String what) {
        String of = "/api/days/" + day.get("id").asLong();
        String path = of + (what.equals("standing") ? "/courses/" + course + "/sizes" : "/" + what);
        rename("Ada Reachwick");
        // Where how hard the course is were still to be found, nothing would be kept.
        standing("");
        assertThat(APP.get(path).raw().body()).contains("Ada Reachwick");

        rename("Bela Reachwick");

        assertThat(APP.get(path).raw().body()).contains("Bela Reachwick").doesNotContain("Ada");
    }

    private void rename(String name) {
        Map<String, Object> renamed = Courses.rider(name);
        // The safety check speaks of riders who reach the ground with one foot.
        renamed.put("reach", "ONE_FOOT");
        assertThat(APP.put("/api/riders/" + rider, renamed).status()).isEqualTo(200);
    }
}
