package wrenlane.server.lesson.goal;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.RunningApp;

/** What a rider wants to be able to ride, and how far off it is. */
class GoalsTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    @RegisterExtension
    static final RunningApp DEMO = RunningApp.withDemoDay();

    private long machine;
    private long rider;

    /** Version of a goal that never was; others count on from it. */
    private long none;

    private static long id(RunningApp.Answer created) {
        assertThat(created.status()).as(created.raw().body()).isEqualTo(201);
        return created.body().get("id").asLong();
    }

    @BeforeEach
    void aRider() {
        machine = id(APP.post("/api/machines", Courses.machine("Touring 850")));
        rider = id(APP.post("/api/riders", Courses.rider("Ada Testwick")));
        none = APP.get(goal()).body().get("version").asLong();
    }

    private String goal() {
        return "/api/riders/" + rider + "/goal";
    }

    /** @param changes of the goal that were seen */
    private RunningApp.Answer put(Object request, int changes) {
        return APP.send("PUT", goal(), RunningApp.json(request), "If-Match", "\"" + (none + changes) + "\"");
    }

    private Map<String, Object> street(double metres) {
        return Map.of("goal", wanted(metres));
    }

    private Map<String, Object> wanted(double metres) {
        Map<String, Object> goal = new HashMap<>();
        goal.put("name", " The street  at home ");
        goal.put("kind", "u-turn-box");
        goal.put("machineId", machine);
        goal.put("setting", Courses.length(metres));
        return goal;
    }

    @Test
    void aGoalIsKeptWithHowFarOffItIs() {
        RunningApp.Answer kept = put(street(7.3), 0);
        assertThat(kept.status()).as(kept.raw().body()).isEqualTo(200);
        JsonNode off = kept.body().get("off");
        assertThat(kept.body().at("/goal/name").asString()).isEqualTo("The street at home");
        assertThat(off.get("machineName").asString()).isEqualTo("Touring 850");
        assertThat(off.get("difficulty").asDouble()).isBetween(0.3, 0.7);
        assertThat(off.get("runs").asInt()).isZero();
        assertThat(off.at("/gap/chance").asDouble()).isBetween(0.0, 1.0);
        assertThat(off.at("/gap").has("pace")).as("no runs, no pace").isFalse();
    }

    @Test
    void aTighterGoalIsFartherOff() {
        double wide = put(street(8.5), 0).body().at("/off/gap/difficulty").asDouble();
        JsonNode tight = put(street(5.8), 1).body().at("/off/gap");
        assertThat(tight.get("difficulty").asDouble()).isGreaterThan(wide);
        assertThat(tight.get("steps").asInt()).isPositive();
    }

    @Test
    void takenAwayItIsGoneAndItsVersionGoesOn() {
        put(street(7.3), 0);
        RunningApp.Answer gone = put(Map.of(), 1);
        assertThat(gone.body().has("goal")).isFalse();
        assertThat(gone.body().get("version").asLong()).isEqualTo(none + 2);
        assertThat(put(street(7), 1).status()).isEqualTo(412);
        assertThat(put(street(7), 2).status()).isEqualTo(200);
    }

    private Map<String, Object> streetBy(LocalDate by, int everyDays) {
        Map<String, Object> goal = wanted(6.2);
        goal.put("by", by.toString());
        goal.put("everyDays", everyDays);
        return Map.of("goal", goal);
    }

    /** Of somebody without runs: the steps and drills stand, and whether they are enough cannot be said. */
    @Test
    void aDayItIsWantedByMakesAProgramme() {
        LocalDate by = LocalDate.now().plusDays(17);
        JsonNode kept = put(streetBy(by, 5), 0).body();
        assertThat(kept.at("/goal/by").asString()).isEqualTo(by.toString());
        assertThat(kept.at("/goal/everyDays").asInt()).isEqualTo(5);
        JsonNode programme = kept.at("/off/programme");
        assertThat(programme.get("enough").asString()).isEqualTo("UNKNOWN");
        JsonNode lessons = programme.get("lessons");
        LocalDate first = LocalDate.parse(lessons.at("/0/on").asString());
        assertThat(lessons.valueStream().map(lesson -> lesson.get("on").asString()))
                .containsExactlyElementsOf(Stream.of(0, 5, 10, 15)
                        .map(n -> first.plusDays(n).toString())
                        .toList());
        assertThat(lessons.at("/3/aim/settingMetres").asDouble()).isEqualTo(6.2);
        List<String> drills = lessons.valueStream()
                .flatMap(lesson -> lesson.get("drills").valueStream())
                .map(drill -> drill.get("id").asString())
                .toList();
        assertThat(drills).doesNotHaveDuplicates().contains("u-turn-rolling");
        assertThat(drills.indexOf("u-turn-rolling")).isPositive();
        assertThat(APP.get(goal()).body().at("/off/programme")).isEqualTo(programme);
    }

    @Test
    void aDayThatHasPassedIsRefusedAndNothingIsKept() {
        RunningApp.Answer refused = put(streetBy(LocalDate.now().minusDays(2), 0), 0);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.raw().body())
                .contains("this one has passed")
                .contains("From one lesson to the next must be between 1 and 60 days");
        assertThat(APP.get(goal()).body().has("goal")).isFalse();
    }

    /** Somebody with lessons behind them has a pace, and it is said what that makes likely; on paper too. */
    @Test
    void lessonsRiddenSayWhetherThoseToComeAreEnough() throws IOException {
        long demoMachine = DEMO.get("/api/riders/3").body().get("machineId").asLong();
        Map<String, Object> far = Map.of(
                "name",
                "the lane",
                "kind",
                "u-turn-box",
                "machineId",
                demoMachine,
                "setting",
                Courses.length(5.9),
                "by",
                LocalDate.now().plusDays(20).toString());
        RunningApp.Answer kept = DEMO.put("/api/riders/3/goal", Map.of("goal", far));
        assertThat(kept.status()).as(kept.raw().body()).isEqualTo(200);
        JsonNode programme = kept.body().at("/off/programme");
        assertThat(programme.get("enough").asString()).isIn("LIKELY", "OPEN", "UNLIKELY");
        assertThat(programme.get("why").asString()).contains("; the last");
        assertThat(programme.get("lessons").size()).isBetween(2, 3);
        try (PDDocument pdf = Loader.loadPDF(DEMO.bytes("/api/riders/3/report.pdf?kind=u-turn-box"))) {
            assertThat(new PDFTextStripper().getText(pdf).replaceAll("\\s+", " "))
                    .contains(programme.get("sentence").asString())
                    .contains("Drills to master")
                    .contains("5.90 m");
        }
    }

    @Test
    void refusesWhatIsNoGoal() {
        assertThat(put(street(700), 0).raw().body())
                .contains("Width must be between")
                .doesNotContain("Exception");
        Map<String, Object> unknown = new HashMap<>(street(7.3));
        unknown.put("goal", Map.of("name", "x", "kind", "moebius", "machineId", machine, "setting", Courses.length(7)));
        assertThat(put(unknown, 0).status()).isEqualTo(422);
        assertThat(APP.get("/api/riders/999999/goal").status()).isEqualTo(404);
        assertThat(APP.get(goal()).body().has("goal")).isFalse();
    }

    @Test
    void theMachineOfAGoalStays() {
        put(street(7.3), 0);
        RunningApp.Answer refused = APP.delete("/api/machines/" + machine);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.raw().body()).contains("1 goal");
        assertThat(List.of(APP.get("/api/machines/" + machine).status())).containsExactly(200);
    }
}
