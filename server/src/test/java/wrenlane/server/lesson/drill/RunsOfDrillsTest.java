package wrenlane.server.lesson.drill;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import wrenlane.server.exchange.runs.RunFilesTest;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.RunningApp;
import wrenlane.server.fixture.RunningApp.Answer;
import wrenlane.server.fixture.SingleRiderDay;

/** Runs of drills, on a course and on none: stored, counted for mastery, and handed out. */
class RunsOfDrillsTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private SingleRiderDay there;

    @BeforeEach
    void aDay() {
        there = SingleRiderDay.on(APP);
    }

    /** A run of a drill on no course. */
    private Map<String, Object> run(String drill, String... faults) {
        Map<String, Object> run = there.run("LEFT", 7.2, faults);
        List.of("courseId", "side", "settingMetres").forEach(run::remove);
        run.put("drillId", drill);
        return run;
    }

    private Map<String, Object> onTheBox(String drill, String side, String... faults) {
        Map<String, Object> run = there.run(side, 7.2, faults);
        run.put("drillId", drill);
        return run;
    }

    private static Answer send(Map<String, Object> run) {
        return APP.put("/api/runs/" + UUID.randomUUID(), run);
    }

    private String state(String drill) {
        JsonNode all = APP.post(
                        "/api/calculations/drill-mastery",
                        Map.of("pairs", List.of(Map.of("riderId", there.rider(), "machineId", there.machine()))))
                .body();
        return StreamSupport.stream(all.at("/0/drills").spliterator(), false)
                .filter(d -> d.at("/drill/id").asString().equals(drill))
                .findFirst()
                .orElseThrow()
                .at("/mastery/state")
                .asString();
    }

    private JsonNode range(String drill) {
        return APP.get("/api/days/" + there.day() + "/riders/" + there.rider() + "/drills/" + drill
                        + "/range?machineId=" + there.machine())
                .body();
    }

    @Test
    void storesADrillWithoutACourseAndGivesItBack() {
        String id = UUID.randomUUID().toString();
        Map<String, Object> run = run("covered-stop", "STALL");
        JsonNode stored = APP.put("/api/runs/" + id, run).body();
        assertThat(stored.get("drillId").asString()).isEqualTo("covered-stop");
        assertThat(stored.get("drillName").asString()).isEqualTo("Stop with the brake covered");
        assertThat(stored.has("courseId")).isFalse();
        assertThat(stored.has("side")).isFalse();
        assertThat(APP.put("/api/runs/" + id, run).body()).as("sent again").isEqualTo(stored);
        assertThat(APP.get("/api/days/" + there.day() + "/runs").body().at("/0/run"))
                .isEqualTo(stored);
    }

    @Test
    void countsTowardsMasteryWithoutACourse() {
        assertThat(state("covered-stop")).isNotIn("MASTERED", "WORKING_ON");
        there.ride(run("covered-stop", "STALL"));
        assertThat(state("covered-stop")).isEqualTo("WORKING_ON");
        JsonNode before = range("covered-stop");
        int clean = before.at("/pass/clean").asInt();
        assertThat(before.at("/progress/good").asInt()).isZero();
        for (int i = 0; i < before.at("/pass/of").asInt(); i++) {
            there.ride(run("covered-stop"));
        }
        assertThat(range("covered-stop").at("/progress/good").asInt()).isGreaterThanOrEqualTo(clean);
        assertThat(state("covered-stop")).isEqualTo("MASTERED");
    }

    @Test
    void countsMinutesOfATimedRideTowardsMastery() {
        Map<String, Object> timedRide = run("rock-and-return");
        timedRide.put("sort", "SPELL");
        timedRide.put("minutes", 10);
        for (int i = 0; i < 5; i++) {
            there.ride(timedRide);
        }
        assertThat(state("rock-and-return")).isEqualTo("MASTERED");
    }

    @Test
    void countsTheDrillThatIsNamedAndNoOtherVariantOfIt() {
        for (int i = 0; i < 10; i++) {
            there.ride(onTheBox("u-turn-standing", i % 2 == 0 ? "LEFT" : "RIGHT"));
        }
        assertThat(range("u-turn-standing").at("/runs").size()).isEqualTo(10);
        assertThat(state("u-turn-rolling")).as("not what was ridden").isNotIn("MASTERED", "WORKING_ON");
        there.ride(there.run("LEFT", 7.2));
        assertThat(state("u-turn-rolling")).as("a run that names no drill").isEqualTo("WORKING_ON");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            nothing at all                   | nothing-ridden
            a drill that is not there        | no-such-drill
            a drill without its course       | drill-needs-course
            a drill on a course it has none  | drill-without-course
            a drill on another kind          | drill-on-another-course
            a side that a drill has not      | no-side
            no side of a one-sided drill     | side-missing
            a size without a course          | size-without-course
            a course without a size          | size-missing
            a course without a side          | side-missing
            """)
    void refusesWhatCannotHaveBeenRidden(String what, String code) {
        Map<String, Object> run = switch (what) {
            case "nothing at all" -> without(run("x"), "drillId");
            case "a drill that is not there" -> run("somersault");
            case "a drill without its course" -> run("u-turn-standing");
            case "a drill on a course it has none" -> onTheBox("covered-stop", "LEFT");
            case "a drill on another kind" -> onTheBox("figure-eight-wide", "LEFT");
            case "a side that a drill has not" -> with(run("covered-stop"), "side", "LEFT");
            case "no side of a one-sided drill" -> run("swerve");
            case "a size without a course" -> with(run("covered-stop"), "settingMetres", 7.2);
            case "a course without a size" -> without(there.run("LEFT", 7.2), "settingMetres");
            default -> without(there.run("LEFT", 7.2), "side");
        };
        Answer refused = send(run);
        assertThat(refused.status()).as(refused.raw().body()).isEqualTo(422);
        assertThat(refused.body().at("/findings/0/code").asString()).isEqualTo(code);
    }

    private static Map<String, Object> with(Map<String, Object> run, String field, Object value) {
        run.put(field, value);
        return run;
    }

    private static Map<String, Object> without(Map<String, Object> run, String field) {
        run.remove(field);
        return run;
    }

    @Test
    void aCorrectionMovesARunFromACourseToADrillAndBack() {
        String first = UUID.randomUUID().toString();
        APP.put("/api/runs/" + first, there.run("LEFT", 7.2));
        String second = UUID.randomUUID().toString();
        JsonNode corrected = APP.put("/api/runs/" + second, with(run("covered-stop"), "replaces", first))
                .body();
        assertThat(corrected.get("drillId").asString()).isEqualTo("covered-stop");
        assertThat(corrected.has("courseName")).isFalse();
        JsonNode back = send(with(there.run("RIGHT", 7.2), "replaces", second)).body();
        assertThat(back.get("settingMetres").asDouble()).isEqualTo(7.2);
        assertThat(back.has("drillId")).isFalse();
    }

    @Test
    void goesOutAsCsvAndJsonAndComesInAgain() throws IOException {
        there.ride(run("covered-stop", "FOOT"));
        there.ride(onTheBox("u-turn-standing", "RIGHT"));
        String csv = APP.get("/api/runs.csv?dayId=" + there.day()).raw().body();
        assertThat(csv).contains("covered-stop,Stop with the brake covered,,,,,foot down,run");
        JsonNode json = APP.get("/api/runs.json?dayId=" + there.day()).body();
        assertThat(json.at("/runs/0/drill_id").asString()).isEqualTo("covered-stop");
        assertThat(json.at("/runs/0").has("course")).isFalse();
        assertThat(RunFilesTest.schemaOf(Path.of("../docs/formats/wren-lane-runs-2.schema.json"))
                        .validate(json))
                .isEmpty();
        // In again as runs of somebody whose name nobody shares.
        APP.post("/api/machines", Courses.machine("Only twin"));
        APP.post("/api/riders", Courses.rider("Una Onlywick"));
        Map<String, Object> table = new HashMap<>();
        List<String> lines = new ArrayList<>(List.of("date,time,rider,machine,drill_id,course,side,setting_m,outcome"));
        lines.add("2026-05-14,10:00,Una Onlywick,Only twin,covered-stop,,,,clean");
        lines.add("2026-05-14,10:01,Una Onlywick,Only twin,U-turn standing on the pegs,,,,clean");
        table.put("text", String.join("\n", lines));
        table.put("dates", "DAY_FIRST");
        table.put("lengths", "METRIC");
        JsonNode preview =
                APP.post("/api/calculations/run-file-previews", table).body();
        assertThat(preview.get("adds").asInt()).as(preview.toString()).isEqualTo(1);
        assertThat(preview.get("findings").size())
                .as("the second has no course")
                .isEqualTo(1);
    }

    @Test
    void saysWhatARiderCanRideOnTheDayAndWhatACourseIsRiddenAsUnlessChosen() {
        JsonNode drills = APP.get("/api/days/" + there.day() + "/drills").body().at("/0/drills");
        assertThat(drill(drills, "u-turn-rolling").at("/usualOn/0").asLong()).isEqualTo(there.course());
        assertThat(drill(drills, "u-turn-pause").at("/courseIds/0").asLong()).isEqualTo(there.course());
        assertThat(drill(drills, "u-turn-pause").get("usualOn").size()).isZero();
        assertThat(drill(drills, "covered-stop").get("courseIds").size()).isZero();
        assertThat(drill(drills, "rock-and-return").get("loggedBy").asString()).isEqualTo("TIMED_RIDE");
        assertThat(drills.findValuesAsString("id"))
                .as("no figure eight is on the day")
                .doesNotContain("figure-eight-wide");
    }

    private static JsonNode drill(JsonNode drills, String id) {
        return StreamSupport.stream(drills.spliterator(), false)
                .filter(d -> d.get("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theDebriefTellsOfDrillsWithoutACourse() {
        there.ride(run("covered-stop"));
        there.ride(run("covered-stop", "FOOT"));
        JsonNode debrief =
                APP.get("/api/days/" + there.day() + "/debrief").body().at("/riders/0");
        assertThat(debrief.at("/drills/0/name").asString()).isEqualTo("Stop with the brake covered");
        assertThat(debrief.at("/drills/0/entries").asInt()).isEqualTo(2);
        assertThat(debrief.at("/drills/0/clean").asInt()).isEqualTo(1);
        assertThat(APP.get("/api/days/" + there.day() + "/debrief")
                        .body()
                        .get("runs")
                        .asInt())
                .isEqualTo(2);
    }
}
