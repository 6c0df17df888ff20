package wrenlane.server.course.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.RunningApp;

/** Markers of the school's own, and courses set out in them. */
class KitTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private static Map<String, Object> marker(String name, String sort, double base, double height) {
        return Map.of("name", name, "sort", sort, "baseMetres", base, "heightMetres", height, "colour", "YELLOW");
    }

    private static RunningApp.Answer put(Object... markers) {
        return APP.put("/api/kit", Map.of("conesOwned", Map.of("TALL", 20), "markers", markers));
    }

    private static Map<String, Object> own(Map<String, Object> marker, int owned) {
        return Map.of("marker", marker, "owned", owned);
    }

    private static JsonNode stored(String name) {
        return APP.get("/api/kit")
                .body()
                .get("markers")
                .valueStream()
                .filter(m -> m.at("/marker/name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static long boxIn(Object... markers) {
        Map<String, Object> box = new HashMap<>(Courses.box(7));
        box.put("markers", markers);
        RunningApp.Answer answer = APP.post("/api/courses", box);
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(201);
        return answer.body().get("id").asLong();
    }

    @BeforeEach
    void nothingIsKept() {
        APP.get("/api/courses")
                .body()
                .forEach(c -> APP.delete("/api/courses/" + c.get("id").asLong()));
        assertThat(put().status()).isEqualTo(200);
    }

    @Test
    void aMarkerOfOnesOwnIsKeptCountedAndTakenAway() {
        JsonNode kit = put(own(marker("yellow disc", "FLAT", 0.19, 0.05), 24)).body();
        assertThat(kit.at("/markers/0/marker/baseMetres").asDouble()).isEqualTo(0.19);
        assertThat(kit.at("/markers/0/owned").asInt()).isEqualTo(24);
        // Who knows nothing of markers leaves them as they are.
        assertThat(APP.put("/api/kit", Map.of("conesOwned", Map.of("TALL", 8)))
                        .body()
                        .get("markers")
                        .size())
                .isEqualTo(1);
        assertThat(put().body().get("markers").size()).isZero();
    }

    @Test
    void whatIsWrongWithAMarkerIsSaidAndNothingIsStored() {
        assertThat(put(own(marker("kerb stone", "FLAT", 0.2, 0.15), 4)).raw().body())
                .contains("A kerb stone of 0.15 m is not one to ride over");
        assertThat(put(own(marker("Flat Marker", "FLAT", 0.3, 0.02), 4)).raw().body())
                .contains("call this one something else");
        RunningApp.Answer twice =
                put(own(marker("disc", "FLAT", 0.2, 0.05), 4), own(marker("Disc", "TALL", 0.2, 0.05), 4));
        assertThat(twice.status()).isEqualTo(422);
        assertThat(twice.raw().body()).contains("There is a Disc already");
        assertThat(APP.get("/api/kit").body().get("markers").size()).isZero();
    }

    @Test
    void aCourseStandsInItAndFollowsIt() {
        Map<String, Object> post = marker("post", "TALL", 0.10, 1.2);
        put(own(post, 6));
        long id = boxIn(post);
        JsonNode course = APP.get("/api/courses/" + id).body();
        assertThat(course.at("/markers/0/name").asString()).isEqualTo("post");
        JsonNode sheet = APP.post(
                        "/api/calculations/setup-sheets",
                        Map.of("laid", Courses.laid(Courses.of(course)), "system", "METRIC"))
                .body();
        assertThat(sheet.at("/sheet/markers").toString()).contains("post").contains("flat marker");
        JsonNode known = stored("post");
        put(Map.of("id", known.get("id"), "marker", marker("white post", "TALL", 0.16, 1.2), "owned", 6));
        JsonNode followed = APP.get("/api/courses/" + id).body();
        assertThat(followed.at("/markers/0/name").asString()).isEqualTo("white post");
        assertThat(followed.at("/markers/0/baseMetres").asDouble()).isEqualTo(0.16);
    }

    /** Outside the line a wider base takes nothing of the lane, but a weave between posts has more room than between cones. */
    @Test
    void clearanceIsComputedWithTheMarkersOwnSize() {
        long machine = APP.post("/api/machines", Courses.machine("300 twin"))
                .body()
                .get("id")
                .asLong();
        JsonNode kind = APP.get("/api/course-kinds")
                .body()
                .valueStream()
                .filter(k -> k.get("kind").asString().equals("straight-weave"))
                .findFirst()
                .orElseThrow();
        Map<String, Object> weave = Courses.standard(kind);
        weave.put("options", Map.of("marking", "TALL"));
        weave.put("markers", List.of(marker("post", "TALL", 0.06, 0.45)));
        JsonNode posts = evaluated(weave, machine);
        weave.put("markers", List.of(marker("drum", "TALL", 0.58, 0.45)));
        JsonNode drums = evaluated(weave, machine);
        assertThat(posts.at("/plan/markers").toString()).contains("post").doesNotContain("tall cone");
        double easier = posts.at("/fit/steeringShare").asDouble();
        double harder = drums.at("/fit/steeringShare").asDouble();
        assertThat(easier).isPositive().isLessThan(harder - 0.005);
    }

    private static JsonNode evaluated(Map<String, Object> course, long machine) {
        RunningApp.Answer answer = APP.post("/api/calculations/course-evaluations", Courses.compute(course, machine));
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(200);
        return answer.body();
    }

    @Test
    void whatACourseStandsInIsNotTakenAwayButWithIt() {
        Map<String, Object> disc = marker("yellow disc", "FLAT", 0.19, 0.05);
        put(own(disc, 24));
        long id = boxIn(disc);
        RunningApp.Answer refused = put();
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.raw().body()).contains("The yellow disc is what").contains("choose another there first");
        APP.put("/api/courses/" + id + "/archived", Map.of("archived", true));
        assertThat(put().status()).isEqualTo(200);
        assertThat(APP.get("/api/courses/" + id).body().get("markers").size()).isZero();
    }

    @Test
    void aCourseStandsInOneMarkerOfASort() {
        Map<String, Object> box = new HashMap<>(Courses.box(7));
        Map<String, Object> disc = marker("yellow disc", "FLAT", 0.19, 0.05);
        box.put("markers", List.of(disc, marker("half ball", "FLAT", 0.12, 0.06)));
        RunningApp.Answer refused = APP.post("/api/courses", box);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.raw().body()).contains("one marker of a sort");
        box.put("markers", List.of(disc, marker("Yellow disc", "TALL", 0.2, 0.3)));
        assertThat(APP.post("/api/courses", box).raw().body()).contains("in two places");
        // A marker that becomes tall stands where tall cones did.
        long id = boxIn(disc, marker("post", "TALL", 0.1, 1));
        put(
                Map.of("id", stored("yellow disc").get("id"), "marker", marker("yellow disc", "TALL", 0.2, 0.3)),
                Map.of("id", stored("post").get("id"), "marker", marker("post", "TALL", 0.1, 1)));
        assertThat(APP.get("/api/courses/" + id).body().get("markers").size()).isEqualTo(1);
    }

    @Test
    void twoMarkersMayChangeNames() {
        put(own(marker("near", "FLAT", 0.10, 0.02), 1), own(marker("far", "FLAT", 0.30, 0.02), 2));
        JsonNode near = stored("near");
        JsonNode far = stored("far");
        put(
                Map.of("id", near.get("id"), "marker", marker("far", "FLAT", 0.10, 0.02), "owned", 1),
                Map.of("id", far.get("id"), "marker", marker("near", "FLAT", 0.30, 0.02), "owned", 2));
        assertThat(stored("far").at("/marker/baseMetres").asDouble()).isCloseTo(0.10, within(1e-12));
        assertThat(stored("near").get("owned").asInt()).isEqualTo(2);
    }

    @Test
    void settingsWithinLieInMarkersOfTheirOwn() {
        Map<String, Object> disc = marker("yellow disc", "FLAT", 0.19, 0.05);
        Map<String, Object> usual = Map.of(
                "name", "flat marker", "sort", "FLAT", "baseMetres", 0.2, "heightMetres", 0.02, "colour", "ORANGE");
        Map<String, Object> box = new HashMap<>(Courses.box(8));
        box.put("markers", List.of(marker("half ball", "FLAT", 0.12, 0.06)));
        box.put("within", List.of(usual, disc));
        long id = APP.post("/api/courses", box).body().get("id").asLong();
        JsonNode course = APP.get("/api/courses/" + id).body();
        assertThat(course.at("/within/0/name").asString()).isEqualTo("flat marker");
        assertThat(course.at("/within/1/name").asString()).isEqualTo("yellow disc");
        assertThat(APP.get("/api/kit").body().get("markers").toString()).doesNotContain("flat marker");
        JsonNode sheet = APP.post(
                        "/api/calculations/setup-sheets",
                        Map.of("laid", Courses.laid(Courses.of(course), 8.0, 7.0, 6.0), "system", "METRIC"))
                .body();
        assertThat(sheet.at("/plan/notes").toString())
                .contains("a in half balls, b in flat markers, c in yellow discs");
        assertThat(sheet.at("/sheet/markers").toString()).contains("half ball", "flat marker", "yellow disc");
        String file = APP.get("/api/courses/" + id + "/export.json").raw().body();
        APP.delete("/api/courses/" + id);
        put();
        assertThat(APP.send("POST", "/api/imports", file).status()).isEqualTo(201);
        assertThat(APP.get("/api/courses").body().get(0).at("/within/1/name").asString())
                .isEqualTo("yellow disc");
        box.put("within", List.of(disc, disc));
        assertThat(APP.post("/api/courses", box).raw().body()).contains("There would be yellow discs in two places");
        box.put("within", List.of(marker("post", "TALL", 0.1, 1)));
        assertThat(APP.post("/api/courses", box).raw().body()).contains("choose a flat marker");
    }

    /** Of yellow discs there are enough, of half balls two: what is owned is proposed, less what stands beside it. */
    @Test
    void proposesWhatTheSettingsWithinWouldLieIn() {
        put(own(marker("yellow disc", "FLAT", 0.19, 0.05), 30), own(marker("half ball", "FLAT", 0.12, 0.06), 2));
        long box = APP.post("/api/courses", Courses.box(8)).body().get("id").asLong();
        Map<String, Object> other = new HashMap<>(Courses.box(8));
        other.put("markers", List.of(marker("yellow disc", "FLAT", 0.19, 0.05)));
        long beside = APP.post("/api/courses", other).body().get("id").asLong();
        Map<String, Object> day = new HashMap<>(
                Map.of("date", "2026-05-14", "title", "A day", "courseIds", List.of(box, beside), "riders", List.of()));
        day.put("stands", List.of());
        long id = APP.post("/api/days", day).body().get("id").asLong();
        String question = "/api/days/" + id + "/courses/" + box + "/sizes?at=8&at=7&at=6";
        JsonNode alone = APP.get(question).body();
        assertThat(alone.get("lying").size()).isZero();
        JsonNode disc = lying(alone, "yellow disc");
        assertThat(disc.get("needed").asInt()).isGreaterThan(2);
        assertThat(disc.get("left").asInt()).isEqualTo(30);
        JsonNode ball = lying(alone, "half ball");
        assertThat(ball.get("missing").asInt()).isEqualTo(ball.get("needed").asInt() - 2);
        day.put(
                "stands",
                List.of(Map.of("courseId", beside, "stand", Map.of("xMetres", 0, "yMetres", 0, "turnRadians", 0))));
        assertThat(APP.put("/api/days/" + id, day).status()).isEqualTo(200);
        JsonNode laid = APP.get("/api/courses/" + beside).body();
        JsonNode sheet = APP.post(
                        "/api/calculations/setup-sheets",
                        Map.of("laid", Courses.laid(Courses.of(laid), 8.0), "system", "METRIC"))
                .body();
        int taken = sheet.at("/sheet/markers")
                .valueStream()
                .filter(m -> m.at("/marker/name").asString().equals("yellow disc"))
                .mapToInt(m -> m.get("count").asInt())
                .sum();
        assertThat(taken).isPositive();
        assertThat(lying(APP.get(question).body(), "yellow disc").get("left").asInt())
                .isEqualTo(30 - taken);
    }

    private static JsonNode lying(JsonNode standing, String marker) {
        return standing.get("lyingBest")
                .valueStream()
                .filter(l -> l.at("/marker/name").asString().equals(marker))
                .findFirst()
                .orElseThrow();
    }

    /** A course from another school brings its markers along; one whose name means another marker here is asked about. */
    @Test
    void aCourseFromAFileBringsItsMarkersAlong() {
        long id = boxIn(marker("yellow disc", "FLAT", 0.19, 0.05));
        assertThat(stored("yellow disc").has("owned")).isFalse();
        String file = APP.get("/api/courses/" + id + "/export.json").raw().body();
        APP.delete("/api/courses/" + id);
        put(own(marker("Yellow disc", "FLAT", 0.25, 0.05), 3));
        String question = "The kit has a Yellow disc 0.25 m wide and 0.05 m high to ride over."
                + " This yellow disc is 0.19 m wide and 0.05 m high to ride over.";
        assertThat(APP.send("POST", "/api/calculations/import-previews", file)
                        .raw()
                        .body())
                .contains(question);
        RunningApp.Answer refused = APP.send("POST", "/api/imports", file);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.raw().body()).contains(question);
        assertThat(APP.get("/api/courses").body()).isEmpty();
        put();
        assertThat(APP.send("POST", "/api/imports", file).status()).isEqualTo(201);
        assertThat(APP.get("/api/courses")
                        .body()
                        .get(0)
                        .at("/markers/0/baseMetres")
                        .asDouble())
                .isEqualTo(0.19);
    }

    @Test
    void asksAboutMarkerNamedLikeAnotherOfTheKit() {
        put(own(marker("post", "TALL", 0.10, 1.2), 6));
        Map<String, Object> box = new HashMap<>(Courses.box(7));
        box.put("markers", List.of(marker("post", "TALL", 0.16, 1.2)));
        RunningApp.Answer answer = APP.post("/api/courses", box);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.raw().body())
                .contains("marker-differs")
                .contains("0.10 m wide")
                .contains("0.16 m wide");
        assertThat(stored("post").at("/marker/baseMetres").asDouble()).isEqualTo(0.10);
        assertThat(APP.get("/api/courses").body()).isEmpty();
    }

    @Test
    void aFileSaysWhatTheSchoolOwnsAndLeavesTheRest() {
        put(own(marker("half ball", "FLAT", 0.12, 0.06), 5), own(marker("stone", "TALL", 0.15, 0.12), 9));
        ObjectNode file = JsonMapper.shared().createObjectNode();
        file.put("format", "wren-lane-days/4");
        for (String list : List.of("yards", "machines", "riders", "courses", "days")) {
            file.putArray(list);
        }
        ObjectNode kit = file.putObject("kit");
        kit.putObject("conesOwned").put("FLAT", 40);
        ObjectNode own = kit.putArray("markers").addObject();
        own.set("marker", JsonMapper.shared().valueToTree(marker("half ball", "FLAT", 0.14, 0.07)));
        own.put("owned", 16);
        RunningApp.Answer answer = APP.send("POST", "/api/imports", file.toString());
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(201);
        assertThat(stored("half ball").at("/marker/baseMetres").asDouble()).isEqualTo(0.14);
        assertThat(stored("half ball").get("owned").asInt()).isEqualTo(16);
        assertThat(stored("stone").get("owned").asInt()).isEqualTo(9);
        ((ObjectNode) own.get("marker")).put("heightMetres", 0.4);
        RunningApp.Answer refused = APP.send("POST", "/api/imports", file.toString());
        assertThat(refused.raw().body()).contains("/kit").contains("not one to ride over");
    }
}
