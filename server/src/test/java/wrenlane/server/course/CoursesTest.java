package wrenlane.server.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.RunningApp;

/** Courses of every kind as stored, and everything that is computed of them. */
class CoursesTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private static long machine;

    @BeforeAll
    static void aMachine() {
        machine = APP.post("/api/machines", Courses.machine("Twin"))
                .body()
                .get("id")
                .asLong();
    }

    private static List<JsonNode> kinds() {
        List<JsonNode> kinds = new ArrayList<>();
        APP.get("/api/course-kinds").body().forEach(kinds::add);
        return kinds;
    }

    @Test
    void everyKindIsStoredAndFoundAgain() {
        assertThat(kinds()).hasSize(15);
        for (JsonNode kind : kinds()) {
            Map<String, Object> course = Courses.standard(kind);
            RunningApp.Answer stored = APP.post("/api/courses", course);
            assertThat(stored.status()).as(stored.raw().body()).isEqualTo(201);
            JsonNode found =
                    APP.get("/api/courses/" + stored.body().get("id").asLong()).body();
            assertThat(found).isEqualTo(stored.body());
            assertThat(found.get("kind").asString()).isEqualTo(kind.get("kind").asString());
            assertThat(found.get("options").size())
                    .isEqualTo(kind.get("options").size());
        }
    }

    @Test
    void everyKindHasAPlanOfWhatANewCourseStartsFrom() {
        JsonNode plans = APP.get("/api/course-kinds/plans").body();
        assertThat(plans).hasSize(15);
        for (JsonNode kind : kinds()) {
            JsonNode plan = plans.valueStream()
                    .filter(p -> p.get("kind").equals(kind.get("kind")))
                    .findFirst()
                    .orElseThrow()
                    .get("plan");
            Map<String, Object> fresh = Courses.of(kind.get("start"));
            fresh.put("name", "A fresh one");
            JsonNode laid = APP.post("/api/calculations/course-evaluations", Courses.compute(fresh, machine))
                    .body();
            assertThat(plan.get("cones")).isEqualTo(laid.at("/plan/cones"));
        }
    }

    @Test
    void everyKindIsComputedForAMachineWithoutBeingStored() {
        int before = APP.get("/api/courses").body().size();
        for (JsonNode kind : kinds()) {
            RunningApp.Answer answer =
                    APP.post("/api/calculations/course-evaluations", Courses.compute(Courses.standard(kind), machine));
            assertThat(answer.status()).as(answer.raw().body()).isEqualTo(200);
            JsonNode body = answer.body();
            assertThat(body.at("/fit/answer").asString())
                    .as(kind.get("kind").asString())
                    .isEqualTo("FITS");
            assertThat(body.at("/fit/spare/uncertaintyMetres").asDouble()).isNotNegative();
            assertThat(body.at("/easiest/places").size()).isGreaterThan(50);
            assertThat(body.at("/easiest/binding/clearanceMetres").asDouble()).isNotNegative();
            assertThat(body.at("/comfortable/binding/clearanceMetres").asDouble())
                    .isNotNegative();
            assertThat(body.at("/roomiest/clearances").size()).isPositive();
            assertThat(body.at("/plan/cones").size()).isPositive();
        }
        assertThat(APP.get("/api/courses").body().size()).isEqualTo(before);
    }

    @Test
    void theDaysTableSaysTheSameWordAsTheVerdict() {
        Map<String, Object> paced = Courses.box(5.2);
        Map<String, Object> lengths = new HashMap<>();
        lengths.put(
                "widthMetres", Map.of("metres", 5.2, "uncertaintyMetres", 0.6, "method", "PACES", "text", "7 paces"));
        lengths.put("depthMetres", Courses.length(7.5));
        lengths.put("edgeSpacingMetres", Courses.length(2.5));
        paced.put("lengths", lengths);
        String verdict = APP.post("/api/calculations/course-evaluations", Courses.compute(paced, machine))
                .body()
                .at("/fit/answer")
                .asString();
        JsonNode row = APP.finished(
                        "/api/calculations/course-comparisons",
                        Map.of(
                                "course",
                                paced,
                                "pairs",
                                List.of(Map.of("machineId", machine, "level", "DEVELOPING")),
                                "limits",
                                false),
                        c -> c.get("rows").size())
                .at("/rows/0");
        assertThat(verdict).isEqualTo("TOO_CLOSE_TO_CALL");
        assertThat(row.at("/asSet/answer").asString()).isEqualTo(verdict);
    }

    @Test
    void givesTheOneLineThatIsWanted() {
        Map<String, Object> asked = new HashMap<>(Courses.compute(Courses.box(6.1), machine));
        asked.put("line", "EASIEST");
        JsonNode easiest =
                APP.post("/api/calculations/course-evaluations", asked).body();
        assertThat(easiest.has("roomiest") && !easiest.get("roomiest").isNull()).isFalse();
        assertThat(easiest.at("/easiest/places").size()).isGreaterThan(50);
        asked.put("line", "ROOMIEST");
        JsonNode roomiest =
                APP.post("/api/calculations/course-evaluations", asked).body();
        assertThat(roomiest.has("easiest") && !roomiest.get("easiest").isNull()).isFalse();
        assertThat(roomiest.at("/roomiest/places").size()).isGreaterThan(50);
        // Far too narrow: no line clears everything, so the one with the most room is drawn.
        asked = new HashMap<>(Courses.compute(Courses.box(3.2), machine));
        asked.put("line", "EASIEST");
        assertThat(APP.post("/api/calculations/course-evaluations", asked)
                        .body()
                        .at("/roomiest/places")
                        .size())
                .isGreaterThan(20);
    }

    @Test
    void theSameQuestionHasTheSameAnswerWhateverWasDraggedBefore() {
        Map<String, Object> asked = Courses.compute(Courses.box(6.1), machine);
        JsonNode first = APP.post("/api/calculations/course-evaluations", asked).body();
        for (double width = 8; width > 5; width -= 0.4) {
            Map<String, Object> dragged = Courses.compute(Courses.box(width), machine);
            dragged.put("settled", false);
            assertThat(APP.post("/api/calculations/course-evaluations", dragged).status())
                    .isEqualTo(200);
        }
        assertThat(APP.post("/api/calculations/course-evaluations", asked).body())
                .isEqualTo(first);
    }

    @Test
    void aDraggedAnswerAgreesWithTheSettledOne() {
        for (double width : new double[] {7, 6.8, 6.5, 5.4, 5.0, 4.6}) {
            Map<String, Object> dragged = Courses.compute(Courses.box(width), machine);
            dragged.put("settled", false);
            dragged.put("speedMetresPerSecond", 2.5);
            double quick = APP.post("/api/calculations/course-evaluations", dragged)
                    .body()
                    .at("/fit/spare/metres")
                    .asDouble();
            Map<String, Object> settled = Courses.compute(Courses.box(width), machine);
            settled.put("speedMetresPerSecond", 2.5);
            double slow = APP.post("/api/calculations/course-evaluations", settled)
                    .body()
                    .at("/fit/spare/metres")
                    .asDouble();
            assertThat(quick).isCloseTo(slow, within(0.01));
        }
    }

    @Test
    void judgesAtTheBestSpeedAndSaysWhatTheSlowestLeaves() {
        JsonNode fit = APP.post("/api/calculations/course-evaluations", Courses.compute(Courses.box(5), machine))
                .body()
                .get("fit");
        assertThat(fit.get("speedMetresPerSecond").asDouble()).isBetween(8 / 3.6, 14 / 3.6);
        assertThat(fit.at("/slowest/speedMetresPerSecond").asDouble()).isCloseTo(5 / 3.6, within(1e-6));
        assertThat(fit.at("/slowest/metres").asDouble())
                .isLessThan(fit.at("/spare/metres").asDouble() - 0.05);
    }

    @Test
    void roundsSizesToFeetWhereFeetAreRead() {
        JsonNode sizes = APP.post(
                        "/api/calculations/course-ladders?system=IMPERIAL", Courses.compute(Courses.box(7), machine))
                .body()
                .get("sizes");
        assertThat(sizes.size()).isGreaterThan(4);
        sizes.forEach(r -> assertThat(r.get("settingMetres").asDouble() / 0.3048 % 1)
                .satisfiesAnyOf(
                        feet -> assertThat(feet).isCloseTo(0, within(1e-3)),
                        feet -> assertThat(feet).isCloseTo(1, within(1e-3))));
    }

    @Test
    void findsTheTightestSettingOfALadderAndOfAnyOtherLength() {
        Map<String, Object> compute = Courses.compute(Courses.box(7.2), machine);
        JsonNode width = APP.post("/api/calculations/smallest-sizes", Map.of("of", compute, "dimension", "widthMetres"))
                .body();
        assertThat(width.get("metres").asDouble()).isBetween(4.1, 4.5);
        JsonNode depth = APP.post("/api/calculations/smallest-sizes", Map.of("of", compute, "dimension", "depthMetres"))
                .body();
        assertThat(depth.get("metres").asDouble()).isBetween(3.0, 5.0);
        assertThat(APP.post("/api/calculations/smallest-sizes", Map.of("of", compute, "dimension", "heightMetres"))
                        .status())
                .isEqualTo(422);
    }

    /** A rider who leans less than their level needs more ground; nobody leans 3°. */
    @Test
    void aRiderWhoLeansLessTurnsWider() {
        Map<String, Object> level = new HashMap<>(Courses.compute(Courses.box(5.5), machine));
        double usual = APP.post("/api/calculations/course-evaluations", level)
                .body()
                .at("/fit/spare/metres")
                .asDouble();
        level.put("mostLeanRadians", Math.toRadians(8));
        RunningApp.Answer upright = APP.post("/api/calculations/course-evaluations", level);
        assertThat(upright.status()).as(upright.raw().body()).isEqualTo(200);
        assertThat(upright.body().at("/fit/spare/metres").asDouble()).isLessThan(usual - 0.1);
        for (double atTheLimit : new double[] {0.087, 0.786}) {
            level.put("mostLeanRadians", atTheLimit);
            assertThat(APP.post("/api/calculations/course-evaluations", level).status())
                    .isEqualTo(200);
        }
        level.put("mostLeanRadians", Math.toRadians(3));
        assertThat(APP.post("/api/calculations/course-evaluations", level).status())
                .isEqualTo(422);
    }

    @Test
    void keepsTheMostLeanOfARider() {
        Map<String, Object> rider = new HashMap<>(Courses.rider("Leans little"));
        rider.put("mostLeanRadians", 0.25);
        long id = APP.post("/api/riders", rider).body().get("id").asLong();
        assertThat(APP.get("/api/riders/" + id).body().get("mostLeanRadians").asDouble())
                .isEqualTo(0.25);
        rider.put("mostLeanRadians", 2);
        assertThat(APP.post("/api/riders", rider).status()).isEqualTo(422);
    }

    @Test
    void saysTheSpeedWindowAndOnLooseGroundThatOfBothStyles() {
        Map<String, Object> yard = Courses.yard("Gravel");
        yard.put("ground", Courses.groundOf("GRAVEL"));
        Map<String, Object> onGravel = Courses.compute(Courses.box(7.2), machine);
        onGravel.put("yardId", APP.post("/api/yards", yard).body().get("id").asLong());
        JsonNode windows = APP.post("/api/calculations/speed-windows", onGravel).body();
        for (String style : new String[] {"firm", "loose"}) {
            assertThat(windows.at("/" + style + "/slowest").asDouble()).isCloseTo(5 / 3.6, within(0.01));
            assertThat(windows.at("/" + style + "/fastest").asDouble()).isBetween(1.5, 5.0);
            assertThat(windows.at("/" + style + "/slowestBecause").asString()).isEqualTo("BALANCE");
        }
        JsonNode onPaving = APP.post("/api/calculations/speed-windows", Courses.compute(Courses.box(7.2), machine))
                .body();
        assertThat(onPaving.has("firm")).isTrue();
        assertThat(onPaving.has("loose")).isFalse();
        Map<String, Object> stopped = new HashMap<>(Courses.box(7.2));
        stopped.put("options", Map.of("start", "FROM_A_STOP"));
        assertThat(APP.post("/api/calculations/speed-windows", Courses.compute(stopped, machine))
                        .body()
                        .has("firm"))
                .isFalse();
    }

    @Test
    void looseGroundNarrowsTheWindow() {
        Map<String, Object> yard = Courses.yard("Grass");
        yard.put("ground", Courses.groundOf("GRASS"));
        long grass = APP.post("/api/yards", yard).body().get("id").asLong();
        Map<String, Object> onGrass = Courses.compute(Courses.box(6.5), machine);
        onGrass.put("yardId", grass);
        JsonNode windows = APP.post("/api/calculations/speed-windows", onGrass).body();
        assertThat(windows.get("looseGround").asBoolean()).isTrue();
        double loose = windows.at("/firm/fastest").asDouble();
        double firm = APP.post("/api/calculations/speed-windows", Courses.compute(Courses.box(6.5), machine))
                .body()
                .at("/firm/fastest")
                .asDouble();
        assertThat(loose).isLessThan(0.9 * firm);
    }

    @Test
    void archivedCourseIsRestored() {
        long id = APP.post("/api/courses", Courses.box(6.6)).body().get("id").asLong();
        assertThat(archive(id, true).body().get("archived").asBoolean()).isTrue();
        assertThat(archived(id)).isTrue();
        assertThat(archive(id, true).status()).isEqualTo(200);
        RunningApp.Answer refused = APP.send("PUT", "/api/courses/" + id, json(Courses.box(6)), "If-Match", "*");
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.raw().body()).contains("Restore it before you change it.");
        assertThat(archive(id, false).body().get("archived").asBoolean()).isFalse();
        assertThat(archived(id)).isFalse();
        assertThat(archive(4711, false).status()).isEqualTo(404);
    }

    @Test
    void deletedCourseIsGone() {
        long id = APP.post("/api/courses", Courses.box(6.6)).body().get("id").asLong();
        archive(id, true);
        assertThat(APP.delete("/api/courses/" + id).status()).isEqualTo(204);
        assertThat(APP.get("/api/courses/" + id).status()).isEqualTo(404);
        assertThat(APP.delete("/api/courses/" + id).status()).isEqualTo(404);
    }

    private static RunningApp.Answer archive(long id, boolean archived) {
        return APP.put("/api/courses/" + id + "/archived", Map.of("archived", archived));
    }

    /** As the list says. */
    private static boolean archived(long id) {
        return APP.get("/api/courses")
                .body()
                .valueStream()
                .filter(c -> c.get("id").asLong() == id)
                .findFirst()
                .orElseThrow()
                .get("archived")
                .asBoolean();
    }

    @Test
    void saysWhatMistakesCostTheWorstFirst() {
        JsonNode costs = APP.post("/api/calculations/mistake-costs", Courses.compute(Courses.box(6.6), machine))
                .body()
                .get("costs");
        List<String> mistakes =
                costs.valueStream().map(c -> c.get("mistake").asString()).toList();
        assertThat(mistakes).contains("ENTERED_A_METRE_OFF", "TURNED_IN_LATE", "FASTER", "UPRIGHT");
        assertThat(costs.valueStream().map(c -> -c.get("lostMetres").asDouble()).toList())
                .isSorted();
        // A speed that is given counts instead of the best one.
        Map<String, Object> slow = Courses.compute(Courses.box(6.6), machine);
        slow.put("speedMetresPerSecond", 1.4);
        assertThat(APP.post("/api/calculations/mistake-costs", slow).body().get("costs"))
                .isNotEqualTo(costs);
    }

    @Test
    void saysWhatSwingingOutBuys() {
        JsonNode value = APP.post("/api/calculations/swing-out-values", Courses.compute(Courses.box(7.2), machine))
                .body()
                .get("value");
        assertThat(value.get("bothMetres").asDouble())
                .isLessThanOrEqualTo(value.get("noneMetres").asDouble());
    }

    @Test
    void drawsCallsFromASeed() {
        Map<String, Object> asked = Map.of("count", 5, "seed", 42);
        String calls = APP.post("/api/calculations/crossroads-calls", asked)
                .body()
                .get("calls")
                .asString();
        assertThat(calls).matches("[RLSUV]{5}");
        assertThat(APP.post("/api/calculations/crossroads-calls", asked)
                        .body()
                        .get("calls")
                        .asString())
                .isEqualTo(calls);
    }

    private static String json(Object body) {
        return tools.jackson.databind.json.JsonMapper.builder().build().writeValueAsString(body);
    }

    @Test
    void marksTheEdgesWithAsManyAsThereAre() {
        JsonNode marks = APP.post("/api/calculations/edge-markings", Map.of("course", Courses.box(7.2), "markers", 8))
                .body();
        assertThat(marks.get("dimension").asString()).isEqualTo("edgeSpacingMetres");
        assertThat(marks.get("densities")
                        .valueStream()
                        .map(d -> d.get("density").asString()))
                .containsExactly("FULL", "FEW", "CORNERS");
        assertThat(marks.at("/withThem/marks/markers").asInt()).isEqualTo(7);
        assertThat(marks.at("/withThem/said").asString()).contains("3 fewer");
        assertThat(APP.post("/api/calculations/edge-markings", Map.of("course", Courses.box(7.2), "markers", -1))
                        .status())
                .isEqualTo(422);
    }
}
