package wrenlane.server.lesson.drill;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.RunningApp;
import wrenlane.server.fixture.RunningApp.Answer;

/** Drills are changed, made, left out, restored, and go out and in as a file; riders stand somewhere on them. */
class DrillsTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static ObjectNode copyOf(String id, String newId) {
        ObjectNode drill = (ObjectNode) APP.get("/api/drills/" + id).body().get("drill");
        drill.put("id", newId);
        return drill;
    }

    private static JsonNode find(JsonNode list, String id) {
        return StreamSupport.stream(list.spliterator(), false)
                .filter(d -> d.at("/drill/id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aShippedDrillIsChangedAndRestored() {
        ObjectNode drill = copyOf("big-circle", "big-circle");
        ((ObjectNode) drill.get("words")).put("cue", "Round and round");
        Answer changed = APP.put("/api/drills/big-circle", drill);
        assertThat(changed.status()).isEqualTo(200);
        assertThat(changed.body().get("origin").asString()).isEqualTo("CHANGED");
        assertThat(changed.body().at("/drill/words/cue").asString()).isEqualTo("Round and round");
        assertThat(APP.delete("/api/drills/big-circle").status()).isEqualTo(204);
        JsonNode restored = APP.get("/api/drills/big-circle").body();
        assertThat(restored.get("origin").asString()).isEqualTo("SHIPPED");
        assertThat(restored.at("/drill/words/cue").asString()).isEqualTo("Chin over the shoulder");
        assertThat(restored.get("version").asLong())
                .isEqualTo(changed.body().get("version").asLong() + 1);
    }

    @Test
    void aDrillOfOnesOwnIsMadeAndTakenAway() {
        ObjectNode drill = copyOf("big-circle", "harbour-circle");
        drill.put("name", "Circle round the bollard");
        assertThat(APP.put("/api/drills/harbour-circle", drill)
                        .body()
                        .get("origin")
                        .asString())
                .isEqualTo("OWN");
        assertThat(find(APP.get("/api/drills").body().get("drills"), "harbour-circle")
                        .at("/drill/name")
                        .asString())
                .isEqualTo("Circle round the bollard");
        assertThat(APP.delete("/api/drills/harbour-circle").status()).isEqualTo(204);
        assertThat(APP.get("/api/drills/harbour-circle").status()).isEqualTo(404);
    }

    @Test
    void whatOthersRestOnIsNotTakenAway() {
        APP.put("/api/drills/base-drill", copyOf("big-circle", "base-drill"));
        ObjectNode above = copyOf("big-circle", "above-drill");
        above.putArray("prerequisites").add("base-drill");
        APP.put("/api/drills/above-drill", above);
        Answer refused = APP.delete("/api/drills/base-drill");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().at("/findings/0/where").asString()).isEqualTo("above-drill.prerequisites");
        assertThat(APP.get("/api/drills/base-drill").status()).isEqualTo(200);
        APP.delete("/api/drills/above-drill");
        assertThat(APP.delete("/api/drills/base-drill").status()).isEqualTo(204);
    }

    @Test
    void refusesACircleALongCueAndWhatTheSchemaDoesNotAllow() {
        ObjectNode circle = copyOf("big-circle", "big-circle");
        circle.putArray("prerequisites").add("u-turn-rolling");
        assertThat(APP.put("/api/drills/big-circle", circle)
                        .body()
                        .at("/findings/0/code")
                        .asString())
                .isEqualTo("drill-circle");
        ObjectNode long1 = copyOf("big-circle", "big-circle");
        ((ObjectNode) long1.get("words")).put("cue", "one two three four five six");
        assertThat(APP.put("/api/drills/big-circle", long1)
                        .body()
                        .at("/findings/0/code")
                        .asString())
                .isEqualTo("cue-length");
        ObjectNode without = copyOf("big-circle", "big-circle");
        without.remove("words");
        Answer missing = APP.put("/api/drills/big-circle", without);
        assertThat(missing.status()).isEqualTo(422);
        assertThat(missing.body().at("/findings/0/message").asString()).contains("words");
        ObjectNode fast = copyOf("big-circle", "big-circle");
        ((ObjectNode) fast.at("/riding/speed")).put("highMetresPerSecond", 9);
        assertThat(APP.put("/api/drills/big-circle", fast).status()).isEqualTo(400);
        assertThat(APP.get("/api/drills/big-circle").body().get("origin").asString())
                .isEqualTo("SHIPPED");
    }

    @Test
    void whatSomebodyElseChangedIsNotOverwritten() {
        ObjectNode drill = copyOf("swerve", "swerve");
        ((ObjectNode) drill.get("words")).put("cue", "Push and push");
        assertThat(APP.send("PUT", "/api/drills/swerve", drill.toString(), "If-Match", "\"7\"")
                        .status())
                .isEqualTo(412);
    }

    @Test
    void refusesToLeaveOutWithoutSayingSo() {
        assertThat(APP.send("PUT", "/api/drills/swerve/hidden", "{}", "If-Match", "*")
                        .status())
                .isEqualTo(422);
    }

    @Test
    void whatIsLeftOutNoLongerHoldsOthersUp() {
        long rider = APP.post("/api/riders", Courses.rider("Wilma Stander"))
                .body()
                .get("id")
                .asLong();
        long machine = APP.post("/api/machines", Courses.machine("Twin"))
                .body()
                .get("id")
                .asLong();
        assertThat(mastery(rider, machine, "bite-point")
                        .at("/mastery/because/0")
                        .asString())
                .isEqualTo("lever-set-up");
        Answer hidden = APP.send("PUT", "/api/drills/lever-set-up/hidden", "{\"hidden\": true}", "If-Match", "*");
        assertThat(hidden.body().get("hidden").asBoolean())
                .as("%s", hidden.raw().body())
                .isTrue();
        assertThat(mastery(rider, machine, "bite-point").at("/mastery/state").asString())
                .isEqualTo("NEXT");
        APP.send("PUT", "/api/drills/lever-set-up/hidden", "{\"hidden\": false}", "If-Match", "*");
        assertThat(mastery(rider, machine, "bite-point").at("/mastery/state").asString())
                .isEqualTo("NOT_YET");
    }

    private static JsonNode mastery(long rider, long machine, String drill) {
        JsonNode riders = APP.post(
                        "/api/calculations/drill-mastery",
                        Map.of("pairs", List.of(Map.of("riderId", rider, "machineId", machine))))
                .body();
        return find(riders.get(0).get("drills"), drill);
    }

    @Test
    void whatAnInstructorSawOpensTheNextAndAnotherMachineAsksForFewer() {
        long rider = APP.post("/api/riders", Courses.rider("Ole Climber"))
                .body()
                .get("id")
                .asLong();
        long twin = APP.post("/api/machines", Courses.machine("Twin"))
                .body()
                .get("id")
                .asLong();
        long other = APP.post("/api/machines", Courses.machine("Other"))
                .body()
                .get("id")
                .asLong();
        String path = "/api/riders/" + rider + "/machines/" + twin + "/drills/lever-set-up";
        assertThat(APP.send("PUT", path, "").status()).isEqualTo(204);
        JsonNode shown = mastery(rider, twin, "lever-set-up");
        assertThat(shown.at("/mastery/state").asString()).isEqualTo("MASTERED");
        assertThat(shown.has("shownOn")).isTrue();
        assertThat(mastery(rider, twin, "bite-point").at("/mastery/state").asString())
                .isEqualTo("NEXT");
        JsonNode elsewhere = mastery(rider, other, "lever-set-up");
        assertThat(elsewhere.at("/mastery/state").asString()).isEqualTo("NEXT");
        assertThat(elsewhere.at("/mastery/fewerRuns").asBoolean()).isTrue();
        assertThat(shown.at("/pass/clean").asInt()).isEqualTo(2);
        assertThat(elsewhere.at("/pass/clean").asInt()).isEqualTo(1);
        APP.send("DELETE", path, "");
        assertThat(mastery(rider, twin, "lever-set-up").at("/mastery/state").asString())
                .isEqualTo("NEXT");
    }

    @Test
    void refusesMasteringWhatIsNotThere() {
        long rider = APP.post("/api/riders", Courses.rider("Una Known"))
                .body()
                .get("id")
                .asLong();
        long twin = APP.post("/api/machines", Courses.machine("Twin"))
                .body()
                .get("id")
                .asLong();
        assertThat(APP.send("PUT", "/api/riders/" + rider + "/machines/" + twin + "/drills/nothing", "")
                        .status())
                .isEqualTo(404);
        assertThat(APP.send("PUT", "/api/riders/" + rider + "/machines/999999/drills/swerve", "")
                        .status())
                .isEqualTo(404);
        assertThat(APP.post(
                                "/api/calculations/drill-mastery",
                                Map.of("pairs", List.of(Map.of("riderId", 999999, "machineId", twin))))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aDrillGoesOutAndComesInAsAFile() {
        String file = APP.get("/api/drills/figure-eight-box/export.json").raw().body();
        ObjectNode document = (ObjectNode) JSON.readTree(file);
        assertThat(document.get("format").asString()).isEqualTo("wren-lane-drills/3");
        ((ObjectNode) document.at("/drills/0")).put("id", "box-from-elsewhere");
        Answer in = APP.post("/api/drill-imports", document);
        assertThat(in.status()).isEqualTo(201);
        assertThat(in.body().at("/0/origin").asString()).isEqualTo("OWN");
        ObjectNode again =
                (ObjectNode) APP.get("/api/drills/box-from-elsewhere").body().get("drill");
        assertThat(again).isEqualTo(document.at("/drills/0"));
        APP.delete("/api/drills/box-from-elsewhere");
    }

    @Test
    void allDrillsGoOutAndComeInUnchanged() {
        String file = APP.get("/api/drills/export.json").raw().body();
        assertThat(APP.send("POST", "/api/drill-imports", file).status()).isEqualTo(201);
        assertThat(APP.get("/api/drills/export.json").raw().body()).isEqualTo(file);
        JsonNode all = APP.get("/api/drills").body().get("drills");
        all.forEach(d -> APP.delete("/api/drills/" + d.at("/drill/id").asString()));
    }

    /** A difficulty of 1.5 was of a size whose difficulty is 54 %. */
    @Test
    void convertsFileOfVersion1() throws IOException {
        String older = Files.readString(Path.of("../docs/formats/examples/drills-1.json"));
        Answer in = APP.send("POST", "/api/drill-imports", older);
        assertThat(in.status()).as(in.raw().body()).isEqualTo(201);
        JsonNode drill = APP.get("/api/drills/older-box").body().get("drill");
        assertThat(drill.at("/scoring/pass/difficulty").asDouble()).isEqualTo(0.54);
        assertThat(drill.at("/steps/0/difficulty").asDouble()).isEqualTo(0.43);
        assertThat(drill.toString()).doesNotContain("tightness");
        APP.delete("/api/drills/older-box");
    }

    /** The file holds shipped drills: they come in as they ship today. */
    @Test
    void convertsFileOfVersion2() throws IOException {
        String older = Files.readString(Path.of("../docs/formats/examples/drills-2.json"));
        List<String> ids = JSON.readTree(older)
                .get("drills")
                .valueStream()
                .map(d -> d.get("id").asString())
                .toList();
        List<JsonNode> shipped = ids.stream()
                .map(id -> APP.get("/api/drills/" + id).body().get("drill"))
                .toList();
        Answer in = APP.send("POST", "/api/drill-imports", older);
        assertThat(in.status()).as(in.raw().body()).isEqualTo(201);
        assertThat(in.body().valueStream().map(d -> d.get("drill"))).containsExactlyElementsOf(shipped);
        ids.forEach(id -> APP.delete("/api/drills/" + id));
    }

    @Test
    void aFileComesInWholeOrNotAtAll() {
        ObjectNode document = JSON.createObjectNode().put("format", "wren-lane-drills/3");
        ObjectNode wrong = copyOf("swerve", "wrong-drill");
        wrong.putArray("prerequisites").add("nothing-there");
        document.putArray("drills").add(copyOf("swerve", "right-drill")).add(wrong);
        Answer refused = APP.post("/api/drill-imports", document);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().at("/findings/0/where").asString()).isEqualTo("wrong-drill.prerequisites");
        assertThat(APP.get("/api/drills/right-drill").status()).isEqualTo(404);
    }

    @Test
    void theWayOfTeachingIsChosenAndSaysWhatChanges() {
        JsonNode options = APP.get("/api/teaching-options").body();
        assertThat(options.get("schools").size()).isEqualTo(5);
        assertThat(options.get("questions").size()).isEqualTo(5);
        List<String> usual = List.of("BODY_OUT_OPTIONAL", "GAZE_FAR_END", "SWING_OUT", "LOCK_FIRST", "CLUTCH_HELD");
        List<String> later = List.of("BODY_OUT_LATER", "GAZE_FAR_END", "SWING_OUT", "LOCK_FIRST", "CLUTCH_HELD");
        assertThat(APP.put("/api/teaching", Map.of("choices", later))
                        .body()
                        .get("choices")
                        .toString())
                .contains("BODY_OUT_LATER");
        assertThat(APP.put("/api/teaching", Map.of("choices", List.of("SWING_OUT")))
                        .status())
                .isEqualTo(422);
        JsonNode changes = APP.post(
                        "/api/calculations/teaching-changes",
                        Map.of(
                                "from",
                                Map.of("school", "DRAG", "choices", usual),
                                "to",
                                Map.of("school", "DRAG", "choices", later),
                                "transmission",
                                "HAND_CLUTCH",
                                "level",
                                "DEVELOPING"))
                .body();
        assertThat(changes.size()).isEqualTo(1);
        assertThat(changes.at("/0/id").asString()).isEqualTo("u-turn-body-out");
        assertThat(changes.at("/0/what").asString()).isEqualTo("GOES");
        APP.put("/api/teaching", Map.of("choices", usual));
    }

    @Test
    void theHeatOfSchoolsIsRelativeAndOnlyForHandClutches() {
        long twin = APP.post("/api/machines", Courses.machine("Twin"))
                .body()
                .get("id")
                .asLong();
        JsonNode heat = APP.get("/api/machines/" + twin + "/clutch-heat").body();
        assertThat(heat.size()).isEqualTo(4);
        assertThat(heat.at("/1/school").asString()).isEqualTo("CLUTCH_FIRST");
        assertThat(heat.at("/1/slowLane").asDouble()).isEqualTo(1);
        assertThat(heat.at("/0/slowLane").asDouble()).isEqualTo(2);
        Map<String, Object> scooter = Courses.machine("Scooter");
        scooter.put("transmission", "TWIST_AND_GO");
        long automatic = APP.post("/api/machines", scooter).body().get("id").asLong();
        assertThat(APP.get("/api/machines/" + automatic + "/clutch-heat").body().size())
                .isZero();
    }
}
