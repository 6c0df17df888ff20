package wrenlane.server.progress.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import wrenlane.coaching.Cause;
import wrenlane.coaching.Causes;
import wrenlane.run.Fault;
import wrenlane.run.Technique;
import wrenlane.server.exchange.runs.RunFilesTest;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.RunningApp;
import wrenlane.server.fixture.SingleRiderDay;

/** A run is stored once, keeps what it was ridden at, and is undone for good. */
class RunsTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private long machine;
    private long rider;
    private long course;
    private long day;

    private SingleRiderDay there;

    private static long id(RunningApp.Answer created) {
        return SingleRiderDay.id(created);
    }

    @BeforeEach
    void aDay() {
        there = SingleRiderDay.on(APP);
        machine = there.machine();
        rider = there.rider();
        course = there.course();
        day = there.day();
    }

    private Map<String, Object> run(String side, double setting, String... faults) {
        return there.run(side, setting, faults);
    }

    private JsonNode range(double setting) {
        return APP.get("/api/days/" + day + "/riders/" + rider + "/range?courseId=" + course + "&machineId=" + machine
                        + "&settingMetres=" + setting)
                .body();
    }

    /** The same width is tighter to the side that a machine turns less to. */
    @Test
    void aRunIsAsHardAsTheMachineTurnsToItsSide() {
        Map<String, Object> uneven = Courses.machine("turns less to the right");
        uneven.put("circles", List.of(circle("LEFT", 5.2), circle("RIGHT", 6.4)));
        long other = id(APP.post("/api/machines", uneven));
        for (int i = 0; i < 12; i++) {
            Map<String, Object> run = run(i % 2 == 0 ? "LEFT" : "RIGHT", 7.2);
            run.put("machineId", other);
            run.put("loggedAt", SingleRiderDay.at(i));
            there.ride(run);
        }
        JsonNode progress = APP.get("/api/riders/" + rider + "/progress").body();
        // To the right there is less lock, so the same 7.2 m are harder.
        assertThat(progress.at("/days/0/runs/0/difficulty").asDouble())
                .isLessThan(progress.at("/days/0/runs/1/difficulty").asDouble() - 0.03);
        // All were clean, so the harder of them say that the rider can do more.
        assertThat(progress.at("/riderSizes/left/difficulty").asDouble())
                .isLessThan(progress.at("/riderSizes/right/difficulty").asDouble());
    }

    private JsonNode chanceOnACircle() {
        Map<String, Object> on = Map.of("riderId", rider, "difficulty", Map.of("LEFT", 0.5, "RIGHT", 0.5));
        return APP.post("/api/calculations/clean-chances", Map.of("kind", "circle", "riders", List.of(on)))
                .body()
                .get(0);
    }

    @Test
    void whatIsRiddenOnOneKindSaysSomethingOfAnother() {
        JsonNode before = chanceOnACircle();
        assertThat(before.get("runsElsewhere").asInt()).isZero();
        for (int i = 0; i < 24; i++) {
            Map<String, Object> run = run(i % 2 == 0 ? "LEFT" : "RIGHT", 6.4);
            run.put("loggedAt", SingleRiderDay.at(i));
            there.ride(run);
        }
        JsonNode after = chanceOnACircle();
        assertThat(after.get("runs").asInt()).isZero();
        assertThat(after.get("runsElsewhere").asInt()).isGreaterThan(8);
        assertThat(after.get("chance").asDouble())
                .isGreaterThan(before.get("chance").asDouble());
    }

    private static Map<String, Object> circle(String side, double diameter) {
        return Map.of("side", side, "posture", "UPRIGHT", "diameter", Courses.length(diameter));
    }

    @Test
    void sendingARunTwiceStoresItOnce() {
        String id = UUID.randomUUID().toString();
        assertThat(APP.put("/api/runs/" + id, run("LEFT", 7.2, "LINE")).status())
                .isEqualTo(200);
        assertThat(APP.put("/api/runs/" + id, run("LEFT", 7.2, "LINE")).status())
                .isEqualTo(200);
        assertThat(range(7.2).get("runs").size()).isEqualTo(1);
    }

    @Test
    void aScoreGoesWithItsRunAndIsRefusedWhereItCannotBe() {
        String id = UUID.randomUUID().toString();
        Map<String, Object> run = run("LEFT", 7.2);
        run.put("score", Map.of("measured", "PLANK", "metres", 0.4));
        assertThat(APP.put("/api/runs/" + id, run).body().at("/score/metres").asDouble())
                .isEqualTo(0.4);
        assertThat(APP.put("/api/runs/" + id, run).status()).isEqualTo(200);
        assertThat(range(7.2).at("/runs/0/score/measured").asString()).isEqualTo("PLANK");
        run.put("score", Map.of("measured", "PLANK", "metres", 0.5));
        assertThat(APP.put("/api/runs/" + id, run).status()).isEqualTo(409);
        run.put("score", Map.of("measured", "LEVER", "metres", 2));
        RunningApp.Answer refused = APP.put("/api/runs/" + UUID.randomUUID(), run);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().at("/findings/0/where").asString()).isEqualTo("score.metres");
    }

    /** A page's clock may be a little ahead, and runs kept on it may come in any order; the log is by the clock. */
    @Test
    void runsComeInAnyOrderAndNeverFromTomorrow() {
        List<String> times = List.of("2026-05-14T09:20:00Z", "2026-05-14T09:00:00Z", "2026-05-14T09:10:00Z");
        for (String at : times) {
            Map<String, Object> run = run("LEFT", 7.2);
            run.put("loggedAt", at);
            assertThat(APP.put("/api/runs/" + UUID.randomUUID(), run).status()).isEqualTo(200);
        }
        assertThat(range(7.2)
                        .get("runs")
                        .valueStream()
                        .map(r -> r.get("loggedAt").asString()))
                .isSorted();
        for (String never : List.of("2999-01-01T00:00:00Z", "1969-12-31T23:59:59Z")) {
            Map<String, Object> run = run("LEFT", 7.2);
            run.put("loggedAt", never);
            RunningApp.Answer refused = APP.put("/api/runs/" + UUID.randomUUID(), run);
            assertThat(refused.status()).isEqualTo(422);
            assertThat(refused.body().get("detail").asString()).contains("clock of this device");
        }
        assertThat(log().size()).isEqualTo(3);
    }

    /** Of another day's rider or course, of a day that is not there: said, and nothing is stored. */
    @Test
    void runsOfAnotherDayAreRefused() {
        long elsewhere = id(APP.post("/api/riders", Courses.rider("Of another day")));
        long other = id(APP.post("/api/courses", Courses.box(6.4)));
        for (Map<String, Object> wrong :
                List.<Map<String, Object>>of(Map.of("riderId", elsewhere), Map.of("courseId", other))) {
            Map<String, Object> run = run("LEFT", 7.2);
            run.putAll(wrong);
            RunningApp.Answer refused = APP.put("/api/runs/" + UUID.randomUUID(), run);
            assertThat(refused.status()).isEqualTo(422);
            assertThat(refused.body().get("detail").asString()).contains("not on that day");
        }
        Map<String, Object> nowhere = run("LEFT", 7.2);
        nowhere.put("dayId", 999_999);
        assertThat(APP.put("/api/runs/" + UUID.randomUUID(), nowhere).status()).isIn(404, 422);
        assertThat(log().size()).isZero();
    }

    /** What was taken away by the time a replayed run arrives is not brought back by it, nor stored under another id. */
    @Test
    void replayedInTheWrongOrderARunStaysAway() {
        String id = UUID.randomUUID().toString();
        assertThat(APP.delete("/api/runs/" + id).status()).isEqualTo(404);
        APP.put("/api/runs/" + id, run("LEFT", 7.2));
        APP.delete("/api/runs/" + id);
        APP.put("/api/runs/" + id, run("LEFT", 7.2));
        APP.put("/api/runs/" + id, run("LEFT", 7.2));
        assertThat(range(7.2).get("runs").size()).isZero();
        assertThat(log().size()).isEqualTo(1);
    }

    /** After a third fault in a row the step is widened; what was seen says which drills to go back to. */
    @Test
    void whereAStepIsTooMuchItSaysWhatToGoBackTo() {
        for (int i = 0; i < 3; i++) {
            APP.put("/api/runs/" + UUID.randomUUID(), run("LEFT", 7.2));
        }
        for (int i = 0; i < 3; i++) {
            Map<String, Object> run = run("LEFT", 7.2, "LINE");
            run.put("loggedAt", "2026-05-14T09:1" + i + ":00Z");
            run.put("observed", Map.of("technique", List.of("HEAD_LATE")));
            APP.put("/api/runs/" + UUID.randomUUID(), run);
        }
        JsonNode range = range(7.2);
        assertThat(range.at("/nextLeft/move").asString()).isEqualTo("WIDEN");
        assertThat(range.at("/backLeft/drills").valueStream().map(JsonNode::asString))
                .containsExactlyElementsOf(Causes.USUAL
                        .of(Fault.LINE, Technique.HEAD_LATE)
                        .orElseThrow()
                        .drills());
        assertThat(range.has("backRight")).isFalse();
    }

    private JsonNode move(double... to) {
        StringBuilder asked =
                new StringBuilder("/api/days/" + day + "/courses/" + course + "/changeover-moment?riderId=" + rider);
        for (double setting : to) {
            asked.append("&to=").append(setting);
        }
        return APP.get(asked.toString()).body();
    }

    /** Two of a box's corners stay where they are; nobody else rode it, so it can be moved at once. */
    @Test
    void saysWhatMovingConesForOneRiderCosts() {
        JsonNode narrower = move(6.4);
        assertThat(narrower.get("cones").asInt()).isBetween(1, 20);
        assertThat(narrower.get("walkedMetres").asDouble()).isGreaterThanOrEqualTo(0.8 - 1e-9);
        assertThat(narrower.get("minutes").asDouble()).isPositive();
        assertThat(narrower.get("moment").asString()).contains("Nobody else needs");
        assertThat(move(7.2).get("cones").asInt()).isZero();
        assertThat(move(0.2).at("/findings/0/message").asString()).isNotEmpty();
    }

    @Test
    void anotherRunUnderTheSameIdIsRefused() {
        String id = UUID.randomUUID().toString();
        APP.put("/api/runs/" + id, run("LEFT", 7.2));
        assertThat(APP.put("/api/runs/" + id, run("RIGHT", 7.2)).status()).isEqualTo(409);
        assertThat(range(7.2).at("/runs/0/side").asString()).isEqualTo("LEFT");
    }

    @Test
    void anUndoneRunStaysUndoneWhenSentAgain() {
        String id = UUID.randomUUID().toString();
        APP.put("/api/runs/" + id, run("LEFT", 7.2));
        assertThat(APP.delete("/api/runs/" + id).status()).isEqualTo(204);
        assertThat(APP.delete("/api/runs/" + id).status()).isEqualTo(204);
        RunningApp.Answer again = APP.put("/api/runs/" + id, run("LEFT", 7.2));
        assertThat(again.body().get("withdrawn").asBoolean()).isTrue();
        assertThat(range(7.2).get("runs").size()).isZero();
    }

    private JsonNode log() {
        return APP.get("/api/days/" + day + "/runs").body();
    }

    private Map<String, Object> correction(String of, String side, double setting, String... faults) {
        Map<String, Object> run = run(side, setting, faults);
        run.putAll(Map.of("replaces", of, "device", "Tablet", "loggedAt", "2026-05-14T10:30:00Z"));
        return run;
    }

    /** It keeps its place in time and how its course was set then; what it was stays to be read. */
    @Test
    void aCorrectionStandsInThePlaceOfTheRun() {
        String first = UUID.randomUUID().toString();
        String second = UUID.randomUUID().toString();
        APP.put("/api/runs/" + first, run("LEFT", 7.2));
        RunningApp.Answer stored = APP.put("/api/runs/" + second, correction(first, "RIGHT", 7.0, "LINE"));
        assertThat(stored.status()).as(stored.raw().body()).isEqualTo(200);
        assertThat(stored.body().get("loggedAt").asString()).isEqualTo("2026-05-14T09:00:00Z");
        assertThat(stored.body().get("correctedAt").asString()).isEqualTo("2026-05-14T10:30:00Z");
        assertThat(APP.put("/api/runs/" + second, correction(first, "RIGHT", 7.0, "LINE"))
                        .status())
                .isEqualTo(200);
        assertThat(range(7.0).get("runs").size()).isEqualTo(1);
        assertThat(range(7.0).at("/runs/0/side").asString()).isEqualTo("RIGHT");
        assertThat(log().size()).isEqualTo(1);
        assertThat(log().at("/0/run/device").asString()).isEqualTo("Tablet");
        assertThat(log().at("/0/earlier/0/side").asString()).isEqualTo("LEFT");
        assertThat(log().at("/0/earlier/0/withdrawnOn").asString()).isEqualTo("Tablet");
    }

    @Test
    void twoCorrectionsOfOneRunAreOneTooMany() {
        String first = UUID.randomUUID().toString();
        APP.put("/api/runs/" + first, run("LEFT", 7.2));
        APP.put("/api/runs/" + UUID.randomUUID(), correction(first, "RIGHT", 7.2));
        RunningApp.Answer late = APP.put("/api/runs/" + UUID.randomUUID(), correction(first, "LEFT", 7.2, "FOOT"));
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.body().get("detail").asString()).contains("corrected on Tablet meanwhile");
        assertThat(APP.delete("/api/runs/" + first).status()).isEqualTo(409);
        assertThat(range(7.2).at("/runs/0/side").asString()).isEqualTo("RIGHT");
    }

    /** An undone run comes back as a correction of itself. */
    @Test
    void anUndoneRunIsBroughtBack() {
        String first = UUID.randomUUID().toString();
        APP.put("/api/runs/" + first, run("LEFT", 7.2, "CONE"));
        assertThat(APP.delete("/api/runs/" + first + "?device=Phone").status()).isEqualTo(204);
        assertThat(log().at("/0/run/withdrawnOn").asString()).isEqualTo("Phone");
        APP.put("/api/runs/" + UUID.randomUUID(), correction(first, "LEFT", 7.2, "CONE"));
        assertThat(log().size()).isEqualTo(1);
        assertThat(log().at("/0/run/withdrawn").asBoolean()).isFalse();
        assertThat(range(7.2).get("runs").size()).isEqualTo(1);
    }

    @Test
    void aCorrectionOfNothingOrOnAnotherDayIsRefused() {
        String first = UUID.randomUUID().toString();
        RunningApp.Answer nothing =
                APP.put("/api/runs/" + UUID.randomUUID(), correction("no-run-of-this-id", "LEFT", 7.2));
        assertThat(nothing.status()).isEqualTo(422);
        assertThat(nothing.body().get("findings").toString()).contains("no-such-run");
        APP.put("/api/runs/" + first, run("LEFT", 7.2));
        long before = day;
        aDay();
        RunningApp.Answer moved = APP.put("/api/runs/" + UUID.randomUUID(), correction(first, "LEFT", 7.2));
        assertThat(moved.body().get("findings").toString()).contains("another-day");
        assertThat(APP.get("/api/days/" + before + "/runs")
                        .body()
                        .at("/0/earlier")
                        .size())
                .isZero();
    }

    @Test
    void whatWasSeenIsKeptWithTheRun() {
        Map<String, Object> drop = run("LEFT", 7.2, "DROP");
        drop.put(
                "observed",
                Map.of(
                        "technique",
                        List.of("LOOKED_DOWN", "HEAD_LATE"),
                        "beforeDrop",
                        "FRONT_BRAKE",
                        "mark",
                        "E3",
                        "offMetres",
                        0.5));
        String id = UUID.randomUUID().toString();
        JsonNode stored = APP.put("/api/runs/" + id, drop).body();
        assertThat(stored.at("/observed/technique").toString()).isEqualTo("[\"HEAD_LATE\",\"LOOKED_DOWN\"]");
        assertThat(stored.at("/observed/beforeDrop").asString()).isEqualTo("FRONT_BRAKE");
        assertThat(APP.put("/api/runs/" + id, drop).status()).isEqualTo(200);
        Map<String, Object> none = run("LEFT", 7.2, "CONE");
        none.put("observed", Map.of("technique", List.of(), "beforeDrop", "FOOT"));
        assertThat(APP.put("/api/runs/" + UUID.randomUUID(), none).status()).isEqualTo(422);
    }

    /** Four clean runs, a timed ride and one broken off: only the runs count for the advice. */
    @Test
    void timedRidesAndWhatWasBrokenOffAreKeptButNotScored() {
        Map<String, Object> timedRide = run("LEFT", 7.2, "LINE", "FOOT");
        timedRide.putAll(
                Map.of("sort", "SPELL", "minutes", 4.5, "laps", 9, "faultCounts", Map.of("LINE", 2, "FOOT", 1)));
        timedRide.put("note", "  gaze  down\tat the end ");
        JsonNode stored = APP.put("/api/runs/" + UUID.randomUUID(), timedRide).body();
        assertThat(stored.get("minutes").asDouble()).isEqualTo(4.5);
        assertThat(stored.at("/faultCounts/LINE").asInt()).isEqualTo(2);
        assertThat(stored.get("note").asString()).isEqualTo("gaze down at the end");
        Map<String, Object> off = run("LEFT", 7.2);
        off.put("sort", "BROKEN_OFF");
        APP.put("/api/runs/" + UUID.randomUUID(), off);
        JsonNode range = range(7.2);
        assertThat(range.get("runs").size()).isEqualTo(2);
        assertThat(range.at("/nextLeft/reason").asString()).contains("No runs at this size yet");
        assertThat(range.get("unscored").size()).isZero();
        APP.put("/api/runs/" + UUID.randomUUID(), run("LEFT", 7.2));
        assertThat(range(7.2).get("unscored").size()).isEqualTo(1);
        JsonNode progress =
                APP.get("/api/riders/" + rider + "/progress?kind=u-turn-box").body();
        assertThat(progress.at("/left/runs").asInt()).isEqualTo(1);
        assertThat(progress.at("/days/0/runs").size()).isEqualTo(3);
    }

    @Test
    void aTimedRideWithoutLengthOrWithUncountedFaultsIsRefused() {
        Map<String, Object> timedRide = run("LEFT", 7.2, "LINE");
        timedRide.put("sort", "SPELL");
        RunningApp.Answer refused = APP.put("/api/runs/" + UUID.randomUUID(), timedRide);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("findings").toString())
                .contains("timed-ride-without-length", "faults-not-counted");
        assertThat(range(7.2).get("runs").size()).isZero();
    }

    /** 15 m in 12 s are 1.25 m/s; sent again with another time it is another run. */
    @Test
    void theWatchReadsAsSpeedOverALane() {
        aLane();
        Map<String, Object> timed = run("LEFT", 1.4);
        timed.put("seconds", 12.0);
        String id = UUID.randomUUID().toString();
        JsonNode stored = APP.put("/api/runs/" + id, timed).body();
        assertThat(stored.get("speedMetresPerSecond").asDouble()).isEqualTo(1.25);
        timed.put("seconds", 13.0);
        assertThat(APP.put("/api/runs/" + id, timed).status()).isEqualTo(409);
    }

    private void aLane() {
        APP.put(
                "/api/courses/" + course,
                Courses.standard(APP.get("/api/course-kinds")
                        .body()
                        .valueStream()
                        .filter(k -> k.get("kind").asString().equals("lane"))
                        .findFirst()
                        .orElseThrow()));
    }

    /** What is ridden straight on has no side: not in the run, not in what follows, not in the progress, nor the table. */
    @Test
    void runsOnALaneHaveNoSide() throws IOException {
        aLane();
        Map<String, Object> without = run("LEFT", 1.4);
        without.remove("side");
        without.put("seconds", 12.0);
        String id = UUID.randomUUID().toString();
        RunningApp.Answer logged = APP.put("/api/runs/" + id, without);
        assertThat(logged.status()).as(logged.raw().body()).isEqualTo(200);
        assertThat(logged.body().has("side")).isFalse();
        assertThat(APP.put("/api/runs/" + id, without).status()).isEqualTo(200);
        assertThat(APP.put("/api/runs/" + UUID.randomUUID(), run("RIGHT", 1.4, "FOOT"))
                        .body()
                        .has("side"))
                .isFalse();
        JsonNode range = range(1.4);
        assertThat(range.get("nextLeft")).isEqualTo(range.get("nextRight"));
        assertThat(range.at("/nextLeft/reason").asString()).doesNotContain("left", "right");
        JsonNode progress =
                APP.get("/api/riders/" + rider + "/progress?kind=lane").body();
        assertThat(progress.get("straight").asBoolean()).isTrue();
        assertThat(progress.at("/left/runs").asInt()).isEqualTo(2);
        assertThat(progress.at("/left/clean").asInt()).isEqualTo(1);
        assertThat(progress.at("/days/0/runs/0").has("side")).isFalse();
        assertThat(APP.get("/api/riders/" + rider + "/report.pdf?kind=lane").status())
                .isEqualTo(200);
        assertThat(APP.get("/api/runs.csv?dayId=" + day).raw().body()).doesNotContain(",left,", ",right,");
        JsonNode out = APP.get("/api/runs.json?dayId=" + day).body();
        assertThat(out.at("/runs/0").has("side")).isFalse();
        assertThat(RunFilesTest.schemaOf(Path.of("../docs/formats/wren-lane-runs-2.schema.json"))
                        .validate(out))
                .isEmpty();
    }

    /** Whoever rides a lane rides it as it is: there is no width that is too wide for them. */
    @Test
    void aWideLaneSuitsEverybody() {
        aLane();
        JsonNode there = APP.get("/api/days/" + day + "/courses/" + course + "/sizes?at=3.5")
                .body();
        assertThat(there.at("/stands/riders/0/settingMetres").asDouble())
                .as(there.toString())
                .isEqualTo(3.5);
    }

    @Test
    void threeDropsSpeakForStoppingUntilOneIsUndone() {
        String stops = "/api/days/" + day + "/stop-rules";
        assertThat(APP.get(stops).body().size()).isZero();
        String last = "";
        for (int i = 0; i < 3; i++) {
            last = "/api/runs/" + UUID.randomUUID();
            APP.put(last, run("LEFT", 7.2, "DROP"));
        }
        assertThat(APP.get(stops).body().valueStream().map(f -> f.get("code").asString()))
                .containsExactly("drops-of-all", "drops-of-one");
        assertThat(APP.get(stops).body().toString()).contains("Ada Testwick");
        APP.delete(last);
        assertThat(APP.get(stops).body().valueStream().map(f -> f.get("code").asString()))
                .containsExactly("drops-of-one");
        assertThat(APP.get("/api/days/999999/stop-rules").status()).isEqualTo(404);
    }

    @Test
    void editingTheCourseOrTheMachineNeverRewritesARun() {
        String id = UUID.randomUUID().toString();
        JsonNode before = APP.put("/api/runs/" + id, run("LEFT", 7.2)).body();
        Map<String, Object> narrower = Courses.box(5.5);
        narrower.put("name", "Renamed");
        APP.put("/api/courses/" + course, narrower);
        Map<String, Object> other = Courses.machine("Longer");
        other.put("classId", "tourer-1400");
        APP.put("/api/machines/" + machine, other);
        assertThat(range(7.2).at("/runs/0")).isEqualTo(before);
        assertThat(before.get("courseName").asString()).isEqualTo("Test box");
    }

    @Test
    void advisesAfterEachRun() {
        assertThat(range(8.6).at("/nextLeft/move").asString()).isEqualTo("HOLD");
        for (String side : List.of("LEFT", "RIGHT")) {
            for (int i = 0; i < 4; i++) {
                APP.put("/api/runs/" + UUID.randomUUID(), run(side, 8.6));
            }
        }
        // Three of them were the first on a new setting, and are not scored.
        assertThat(range(8.6).at("/nextLeft/move").asString()).isEqualTo("HOLD");
        for (int i = 0; i < 3; i++) {
            APP.put("/api/runs/" + UUID.randomUUID(), run("LEFT", 8.6));
        }
        assertThat(range(8.6).at("/nextLeft/move").asString()).isEqualTo("TIGHTEN");
        assertThat(range(7.9).at("/nextLeft/move").asString()).isEqualTo("HOLD");
        APP.put("/api/runs/" + UUID.randomUUID(), run("LEFT", 8.6, "LINE"));
        assertThat(range(8.6).at("/nextLeft/move").asString()).isEqualTo("CUE");
        assertThat(range(8.6).at("/nextLeft/reason").asString()).contains("chin to the exit");
        APP.put("/api/runs/" + UUID.randomUUID(), run("LEFT", 8.6, "DROP"));
        assertThat(range(8.6).at("/nextLeft/move").asString()).isEqualTo("WIDEN");
    }

    private void ride(String side, int clean, int faulty) {
        for (int i = 0; i < clean + faulty; i++) {
            APP.put("/api/runs/" + UUID.randomUUID(), run(side, 8, i < faulty ? new String[] {"FOOT"} : new String[0]));
        }
    }

    /** Of eight the first three are on a new setting, and do not count for the estimate; they count as ridden. */
    @Test
    void showsInTheRidersProgress() {
        ride("RIGHT", 7, 1);
        JsonNode progress = APP.get("/api/riders/" + rider + "/progress").body();
        assertThat(progress.at("/right/clean").asInt()).isEqualTo(7);
        assertThat(progress.at("/right/faults/0/label").asString()).isEqualTo("foot down");
        assertThat(progress.at("/days/0/right/metres").asDouble()).isBetween(5.0, 9.5);
        assertThat(progress.at("/days/0").has("left")).isFalse();
        assertThat(progress.has("gap")).isFalse();
        assertThat(range(8).at("/chanceRight/runs").asInt()).isEqualTo(5);
        assertThat(range(8).at("/chanceLeft/runs").asInt()).isZero();
        assertThat(range(8).at("/chanceRight/chance").asDouble())
                .isBetween(
                        range(8).at("/chanceRight/low").asDouble(),
                        range(8).at("/chanceRight/high").asDouble());
    }

    @Test
    void whatHoldsBackIsSaidWithItsCountsAndADrillThatIsThere() {
        for (int i = 0; i < 4; i++) {
            Map<String, Object> wide = run("RIGHT", 8, "LINE");
            wide.put("observed", Map.of("technique", List.of("HEAD_LATE")));
            APP.put("/api/runs/" + UUID.randomUUID(), wide);
        }
        JsonNode held = APP.get("/api/riders/" + rider + "/progress").body().get("heldBack");
        assertThat(held.size()).isEqualTo(1);
        assertThat(held.at("/0/sentence").asString()).isEqualTo("Line crossed to the right: 4 of 4 with head late.");
        assertThat(held.at("/0/cue").asString()).isEqualTo("chin to the exit");
    }

    /** By hand: three entries in 25 minutes, two of them scored; what was undone is left out. */
    @Test
    void whatWasRiddenIsSummedByMachine() {
        String[] minutes = {"00", "10", "25", "40"};
        for (int i = 0; i < minutes.length; i++) {
            Map<String, Object> run = i == 1 ? run("LEFT", 7.2, "LINE") : run("LEFT", 7.2);
            run.put("loggedAt", "2026-05-14T09:" + minutes[i] + ":00Z");
            if (i == 2) {
                run.put("sort", "BROKEN_OFF");
            }
            String id = "/api/runs/" + UUID.randomUUID();
            assertThat(APP.put(id, run).status()).isEqualTo(200);
            if (i == 3) {
                APP.delete(id);
            }
        }
        JsonNode ridden = APP.get("/api/riders/" + rider + "/ridden").body();
        assertThat(ridden).hasSize(1);
        assertThat(ridden.at("/0/machineName").asString()).isEqualTo("300 twin");
        assertThat(ridden.at("/0/days").asInt()).isEqualTo(1);
        assertThat(ridden.at("/0/runs").asInt()).isEqualTo(2);
        assertThat(ridden.at("/0/clean").asInt()).isEqualTo(1);
        assertThat(ridden.at("/0/minutes").asDouble()).isEqualTo(25);
        assertThat(ridden.at("/0/lastOn").asString()).isEqualTo("2026-05-14");
        assertThat(APP.get("/api/riders/999999/ridden").status()).isEqualTo(404);
    }

    /** Every drill that a cause names comes with the app. */
    @Test
    void causesNameDrillsThereAre() {
        Set<String> there = new HashSet<>();
        APP.get("/api/drills")
                .body()
                .get("drills")
                .forEach(d -> there.add(d.at("/drill/id").asString()));
        for (Cause cause : Causes.USUAL.rows()) {
            assertThat(there).containsAll(cause.drills());
        }
    }

    /** The first three at a setting are so by the clock, both sides together, on every page alike. */
    @Test
    void firstRunsAreThoseRiddenFirstOnWhicheverSide() {
        for (int i = 0; i < 8; i++) {
            Map<String, Object> run = run(i < 4 ? "RIGHT" : "LEFT", 8);
            run.put("loggedAt", "2026-05-14T09:0" + i + ":00Z");
            APP.put("/api/runs/" + UUID.randomUUID(), run);
        }
        assertThat(range(8).at("/chanceRight/runs").asInt()).isEqualTo(1);
        assertThat(range(8).at("/chanceLeft/runs").asInt()).isEqualTo(4);
        JsonNode progress = APP.get("/api/riders/" + rider + "/progress").body();
        assertThat(progress.get("riderSizes").has("left")).isTrue();
        assertThat(progress.get("riderSizes").has("right")).isFalse();
    }

    /** The side that fails is behind, and the more sure the more it fails. */
    @Test
    void theWeakSideIsSaidWithItsCertainty() {
        ride("LEFT", 12, 0);
        ride("RIGHT", 1, 3);
        JsonNode few = APP.get("/api/riders/" + rider + "/progress").body().get("gap");
        assertThat(few.get("behind").asString()).isEqualTo("RIGHT");
        assertThat(few.get("difficulty").asDouble()).isPositive();
        ride("RIGHT", 1, 6);
        JsonNode more = APP.get("/api/riders/" + rider + "/progress").body().get("gap");
        assertThat(more.get("certainty").asDouble())
                .isGreaterThan(few.get("certainty").asDouble())
                .isGreaterThan(0.9);
    }

    @Test
    void whatIsRiddenIsNotDeletedAway() {
        APP.put("/api/runs/" + UUID.randomUUID(), run("LEFT", 7.2));
        for (String path : List.of("riders/" + rider, "machines/" + machine, "days/" + day)) {
            assertThat(APP.delete("/api/" + path).status()).as(path).isEqualTo(409);
            assertThat(APP.get("/api/" + path).status()).isEqualTo(200);
        }
    }

    @Test
    void refusesAnImpossibleRun() {
        assertThat(APP.put("/api/runs/short", run("LEFT", 7.2)).status()).isEqualTo(422);
        assertThat(APP.put("/api/runs/" + UUID.randomUUID(), run("LEFT", 0.5)).status())
                .isEqualTo(422);
        Map<String, Object> future = run("LEFT", 7.2);
        future.put("loggedAt", "2999-01-01T00:00:00Z");
        assertThat(APP.put("/api/runs/" + UUID.randomUUID(), future).status()).isEqualTo(422);
        Map<String, Object> stranger = run("LEFT", 7.2);
        stranger.put("riderId", 4711);
        assertThat(APP.put("/api/runs/" + UUID.randomUUID(), stranger).status()).isEqualTo(404);
        Map<String, Object> otherDay = run("LEFT", 7.2);
        otherDay.put("dayId", 4711);
        assertThat(APP.put("/api/runs/" + UUID.randomUUID(), otherDay).status()).isEqualTo(422);
    }

    @Test
    void aStoredRunAnswersAsStoredWhateverHasBecomeOfItsCourse() {
        String id = UUID.randomUUID().toString();
        APP.put("/api/runs/" + id, run("LEFT", 7.2));
        // The same course is another kind by now, on which that setting cannot be.
        Map<String, Object> plank = Courses.standard(kind("plank-crossing"));
        assertThat(APP.put("/api/courses/" + course, plank).status()).isEqualTo(200);
        assertThat(APP.put("/api/runs/" + id, run("LEFT", 7.2)).status()).isEqualTo(200);
        APP.put("/api/courses/" + course + "/archived", Map.of("archived", true));
        assertThat(APP.put("/api/runs/" + id, run("LEFT", 7.2)).status()).isEqualTo(200);
    }

    private static JsonNode kind(String id) {
        return APP.get("/api/course-kinds")
                .body()
                .valueStream()
                .filter(k -> k.get("kind").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void courseWithRunsIsNotDeleted() {
        APP.put("/api/runs/" + UUID.randomUUID(), run("LEFT", 7.2));
        RunningApp.Answer refused = APP.delete("/api/courses/" + course);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.raw().body()).contains("is used by 1 day and 1 run and cannot be deleted");
    }

    /** Logged on a phone before the course was archived, and sent after: it was ridden all the same. */
    @Test
    void aNewRunOnACourseArchivedSinceIsStored() {
        APP.put("/api/courses/" + course + "/archived", Map.of("archived", true));
        assertThat(APP.put("/api/runs/" + UUID.randomUUID(), run("LEFT", 7.2)).status())
                .isEqualTo(200);
    }

    @Test
    void riderAndCourseMustBeOfThatDay() {
        Map<String, Object> otherRider = run("LEFT", 7.2);
        otherRider.put("riderId", id(APP.post("/api/riders", Courses.rider("Bea Testwick"))));
        Map<String, Object> otherCourse = run("LEFT", 7.2);
        otherCourse.put("courseId", id(APP.post("/api/courses", Courses.box(7.2))));
        for (Map<String, Object> stranger : List.of(otherRider, otherCourse)) {
            RunningApp.Answer answer = APP.put("/api/runs/" + UUID.randomUUID(), stranger);
            assertThat(answer.status()).isEqualTo(422);
            assertThat(answer.body().at("/findings/0/code").asString()).endsWith("-not-of-day");
        }
        assertThat(range(7.2).get("runs").size()).isZero();
    }

    @Test
    void runsOfADayComeInTheOrderOfTheInstants() {
        List<String> instants = List.of("2026-05-14T12:00:00Z", "2026-05-14T12:00:00.500Z", "2026-05-14T11:59:59.999Z");
        for (String at : instants) {
            Map<String, Object> run = run("LEFT", 7.2);
            run.put("loggedAt", at);
            APP.put("/api/runs/" + UUID.randomUUID(), run);
        }
        assertThat(range(7.2)
                        .get("runs")
                        .valueStream()
                        .map(r -> r.get("loggedAt").asString()))
                .containsExactly("2026-05-14T11:59:59.999Z", "2026-05-14T12:00:00Z", "2026-05-14T12:00:00.500Z");
    }
}
