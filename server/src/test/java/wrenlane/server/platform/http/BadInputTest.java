package wrenlane.server.platform.http;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.RunningApp;
import wrenlane.server.fixture.RunningApp.Answer;

/** Bad input on every endpoint: a clear problem document each time, never a 500, and nothing stored. */
class BadInputTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private static final List<String> STORES =
            List.of("/api/yards", "/api/machines", "/api/riders", "/api/courses", "/api/days");

    private record Endpoint(String method, String path, Map<String, Object> good) {}

    private static List<Endpoint> endpoints() {
        Map<String, Object> comparison = Map.of("course", Courses.box(7), "pairs", List.of(), "limits", false);
        Map<String, Object> compute = Courses.compute(Courses.box(7), 1);
        Map<String, Object> day = day("2026-05-14");
        Map<String, Object> run = Map.of(
                "dayId",
                1,
                "riderId",
                1,
                "machineId",
                1,
                "courseId",
                1,
                "side",
                "LEFT",
                "settingMetres",
                7.0,
                "faults",
                List.of(),
                "loggedAt",
                "2026-05-14T09:00:00Z");
        Map<String, Object> file = Map.of(
                "format",
                "wren-lane-days/4",
                "yards",
                List.of(),
                "machines",
                List.of(),
                "riders",
                List.of(),
                "courses",
                List.of(),
                "days",
                List.of());
        return List.of(
                new Endpoint("POST", "/api/calculations/length-readings", Map.of("text", "7 m", "system", "METRIC")),
                new Endpoint("POST", "/api/yards", Courses.yard("Y")),
                new Endpoint("PUT", "/api/yards/999", Courses.yard("Y")),
                new Endpoint("POST", "/api/calculations/yard-surveys", Courses.ground(40, 20)),
                new Endpoint("POST", "/api/calculations/ground-plans", groundPlan()),
                new Endpoint("POST", "/api/calculations/placings", groundPlan()),
                new Endpoint("POST", "/api/calculations/overlapping-courses", among()),
                new Endpoint("PUT", "/api/kit", Map.of("conesOwned", Map.of("TALL", 12))),
                new Endpoint("POST", "/api/machines", Courses.machine("M")),
                new Endpoint("PUT", "/api/machines/999", Courses.machine("M")),
                new Endpoint("POST", "/api/calculations/machine-evaluations", Courses.machine("M")),
                new Endpoint("POST", "/api/riders", Courses.rider("R")),
                new Endpoint("PUT", "/api/riders/999", Courses.rider("R")),
                new Endpoint("POST", "/api/courses", Courses.box(7)),
                new Endpoint("PUT", "/api/courses/999", Courses.box(7)),
                new Endpoint("POST", "/api/calculations/course-comparisons", comparison),
                new Endpoint("POST", "/api/calculations/course-evaluations", compute),
                new Endpoint("POST", "/api/calculations/speed-windows", compute),
                new Endpoint("POST", "/api/calculations/course-ladders", compute),
                new Endpoint("POST", "/api/calculations/swing-out-values", compute),
                new Endpoint("POST", "/api/calculations/mistake-costs", compute),
                new Endpoint(
                        "POST", "/api/calculations/smallest-sizes", Map.of("of", compute, "dimension", "widthMetres")),
                new Endpoint("POST", "/api/calculations/crossroads-calls", Map.of("count", 3, "seed", 7)),
                new Endpoint(
                        "POST",
                        "/api/calculations/setup-sheets",
                        Map.of("laid", Courses.laid(Courses.box(7)), "system", "METRIC")),
                new Endpoint(
                        "POST",
                        "/api/calculations/riding-marks",
                        Map.of(
                                "setup",
                                Map.of("laid", Courses.laid(Courses.box(7)), "system", "METRIC"),
                                "machineId",
                                2,
                                "level",
                                "NOVICE")),
                new Endpoint(
                        "POST",
                        "/api/calculations/changeovers",
                        Map.of(
                                "from",
                                Courses.laid(Courses.box(7)),
                                "to",
                                Courses.laid(Courses.box(6)),
                                "system",
                                "METRIC")),
                new Endpoint(
                        "POST",
                        "/api/calculations/square-checks",
                        Map.of(
                                "laid",
                                Courses.laid(Courses.box(7)),
                                "first",
                                Courses.length(10),
                                "second",
                                Courses.length(10))),
                new Endpoint("POST", "/api/calculations/setup-accuracies", compute),
                new Endpoint(
                        "POST",
                        "/api/calculations/day-orders",
                        Map.of(
                                "courses",
                                List.of(Courses.laid(Courses.box(7))),
                                "keepInOrder",
                                List.of(),
                                "system",
                                "METRIC")),
                new Endpoint("POST", "/api/days", day),
                new Endpoint("PUT", "/api/days/999", day),
                new Endpoint("PUT", "/api/runs/11111111-1111", run),
                new Endpoint("POST", "/api/imports", file));
        // A preview answers with what is wrong: it is tested with the imports.
    }

    static Stream<Arguments> malformed() {
        List<String> bodies =
                List.of("", "{", "[]", "null", "\"text\"", "{\"a\":", "{\"name\":NaN}", "nonsense", "{\"unknown\":1}");
        return endpoints().stream().flatMap(e -> bodies.stream().map(b -> Arguments.of(e, b)));
    }

    @ParameterizedTest
    @MethodSource
    void malformed(Endpoint endpoint, String body) {
        leavesTheStoresAlone(
                () -> problem(APP.send(endpoint.method(), endpoint.path(), body, "If-Match", "*"), 400, 422));
    }

    static Stream<Endpoint> missing() {
        return endpoints().stream();
    }

    @ParameterizedTest
    @MethodSource
    void missing(Endpoint endpoint) {
        leavesTheStoresAlone(() -> {
            for (String field : endpoint.good().keySet()) {
                // A run needs a side only where its course has two.
                if (List.of("machineId", "pace", "bay", "side").contains(field)) {
                    continue;
                }
                Map<String, Object> spoilt = new HashMap<>(endpoint.good());
                spoilt.remove(field);
                Answer answer =
                        problem(APP.send(endpoint.method(), endpoint.path(), json(spoilt), "If-Match", "*"), 422);
                assertThat(answer.body().get("findings").toString()).contains(field);
            }
        });
    }

    static Stream<Arguments> wrongValues() {
        return Stream.of(
                spoil("/api/yards", onGround(g -> g.put("fallPercent", -1)), y -> {}, 422),
                spoil("/api/yards", onGround(g -> g.put("fallPercent", 16)), y -> {}, 422),
                spoil("/api/yards", onGround(g -> g.put("fallPercent", "NaN")), y -> {}, 422, 400),
                spoil("/api/yards", onGround(g -> g.put("fallTowardsRadians", 99)), y -> {}, 422),
                spoil("/api/yards", onGround(g -> g.put("surface", "ICE")), y -> {}, 400),
                spoil("/api/yards", onGround(g -> g.put("outline", sides(-4))), y -> {}, 422),
                spoil("/api/yards", onGround(g -> g.put("outline", sides(1e9))), y -> {}, 422),
                spoil("/api/yards", onGround(g -> g.put("outline", corners("SQUARE"))), y -> {}, 422),
                spoil(
                        "/api/yards",
                        onGround(g -> g.put("outline", corners("OPEN", "OPEN", "OPEN", "OPEN"))),
                        y -> {},
                        422),
                spoil(
                        "/api/yards",
                        onGround(g -> g.put("entrance", Map.of("side", 9, "alongMetres", 1))),
                        y -> {},
                        422),
                spoil(
                        "/api/yards",
                        onGround(g -> g.put("entrance", Map.of("side", 0, "alongMetres", 41))),
                        y -> {},
                        422),
                spoil("/api/yards", onGround(g -> g.put("obstacles", List.of(obstacle(-1)))), y -> {}, 422),
                spoil("/api/yards", onGround(g -> g.put("obstacles", List.of(obstacle(900)))), y -> {}, 422),
                spoil("/api/yards", onGround(g -> g.put("bayRows", List.of(bays(0)))), y -> {}, 422),
                spoil("/api/yards", Courses.yard("Y"), y -> y.put("name", " "), 422),
                spoil("/api/yards", Courses.yard("Y"), y -> y.put("name", "x".repeat(81)), 422),
                spoil("/api/yards", Courses.yard("Y"), y -> y.put("notes", "x".repeat(2001)), 422),
                spoil(
                        "/api/yards",
                        Courses.yard("Y"),
                        y -> y.put("bay", Map.of("count", 0, "taped", Courses.length(9))),
                        422),
                related("/api/machines", Courses.machine("M"), m -> m.put("classId", "hovercraft"), 422),
                related("/api/machines", Courses.machine("M"), m -> m.put("figures", figures("WHEELBASE", 9)), 422),
                related("/api/machines", Courses.machine("M"), m -> m.put("figures", figures("LOCK_LEFT", -1)), 422),
                spoil("/api/machines", Courses.machine("M"), m -> m.put("figures", figures("SEATS", 2)), 400),
                related("/api/machines", Courses.machine("M"), m -> m.put("circles", circles(2.0)), 422),
                related("/api/machines", Courses.machine("M"), m -> m.put("circles", circles(50.0)), 422),
                related("/api/riders", Courses.rider("R"), r -> r.put("machineId", 4711), 422),
                spoil("/api/riders", Courses.rider("R"), r -> r.put("level", "EXPERT"), 400),
                related("/api/courses", Courses.box(2.9), c -> {}, 422),
                related("/api/courses", Courses.box(21), c -> {}, 422),
                spoil("/api/courses", Courses.box(7), c -> c.put("lengths", Map.of("widthMetres", "7 m")), 400),
                related("/api/courses", Courses.box(7), c -> c.put("lengths", Map.of()), 422),
                related("/api/courses", Courses.box(7), c -> c.put("counts", Map.of("coneCount", 3)), 422),
                related("/api/courses", Courses.box(7), c -> c.put("options", Map.of("start", "PUSHED")), 422),
                related("/api/courses", Courses.box(7), c -> c.put("kind", "loop-the-loop"), 422),
                spoil("/api/courses", Courses.box(7), c -> c.put("firstTurn", "UP"), 400),
                related("/api/courses", weave(0), c -> {}, 422),
                related("/api/courses", weave(99), c -> {}, 422),
                spoil("/api/calculations/course-evaluations", compute(), r -> r.put("speedMetresPerSecond", 300), 422),
                spoil("/api/calculations/course-evaluations", compute(), r -> r.put("speedMetresPerSecond", -1), 422),
                related("/api/calculations/course-evaluations", compute(), r -> r.put("machineId", 4711), 404),
                related("/api/calculations/course-evaluations", compute(), r -> r.put("yardId", 4711), 404),
                related("/api/calculations/speed-windows", compute(), r -> r.remove("machineId"), 422),
                spoil("/api/calculations/crossroads-calls", calls(7), c -> {}, 422),
                spoil("/api/calculations/crossroads-calls", calls(0), c -> {}, 422),
                related("/api/calculations/setup-sheets", setup(Courses.box(700)), c -> {}, 422),
                related("/api/calculations/setup-sheets", setup(Courses.box(7), 6.0, 6.1), c -> {}, 422),
                spoil("/api/calculations/setup-sheets", setup(Courses.box(7), 9.0, 8.0, 7.0, 6.0), c -> {}, 422),
                related("/api/calculations/setup-sheets", setup(weave(4), 4.0, 5.0), c -> {}, 422),
                related("/api/days", day("2026-05-14"), d -> d.put("activeSizes", List.of(settings(4711, 7.0))), 422),
                spoil("/api/days", day("2026-05-14"), d -> d.put("activeSizes", List.of(settings(4711))), 422),
                related("/api/calculations/square-checks", square(30, 1), c -> {}, 422),
                related("/api/calculations/square-checks", square(12, 3), c -> {}, 422),
                related("/api/calculations/course-comparisons", pairs(4711), c -> {}, 404),
                related("/api/calculations/length-readings", reading("7 furlongs"), c -> {}, 422),
                spoil("/api/calculations/length-readings", reading("x".repeat(5000)), c -> {}, 422),
                related("/api/days", day("2026-02-30"), c -> {}, 400),
                related("/api/days", day("0001-01-01"), c -> {}, 422),
                related("/api/days", day("2026-05-14"), d -> d.put("yardId", 4711), 422),
                related("/api/days", day("2026-05-14"), d -> d.put("courseIds", List.of(4711)), 422),
                related("/api/days", day("2026-05-14"), d -> d.put("stands", List.of(stand(4711, 0))), 422),
                related("/api/calculations/ground-plans", groundPlan(), g -> g.put("yardId", 4711), 404),
                related("/api/calculations/placings", groundPlan(), g -> g.put("yardId", 4711), 404),
                related(
                        "/api/calculations/overlapping-courses",
                        among(),
                        g -> g.put("courses", List.of(stand(4711, 0))),
                        404),
                spoil(
                        "/api/calculations/overlapping-courses",
                        among(),
                        g -> g.put("rides", List.of(Map.of("machineId", 1, "level", "MASTER"))),
                        400));
    }

    @ParameterizedTest
    @MethodSource
    void wrongValues(String path, Map<String, Object> body, List<Integer> statuses, boolean byItself) {
        leavesTheStoresAlone(() -> problem(APP.post(path, body), statuses.toArray(Integer[]::new)));
    }

    private static final Map<String, Schema> SCHEMAS = new ConcurrentHashMap<>();

    /** The schema of what a call takes, from the document that is served. */
    private static Schema schemaOf(String method, String path) {
        String call = path.replaceFirst("^(/api/[a-z-]+)/(999|[0-9]+-[0-9]+)$", "$1/{id}");
        return SCHEMAS.computeIfAbsent(method.toLowerCase(Locale.ROOT) + call, of -> {
            JsonNode api = APP.get("/api/openapi.json").body();
            JsonNode body = api.at("/paths/" + call.replace("/", "~1") + "/" + method.toLowerCase(Locale.ROOT)
                    + "/requestBody/content/application~1json/schema");
            assertThat(body.isMissingNode()).as(method + " " + call).isFalse();
            ObjectNode schema = (ObjectNode) body.deepCopy();
            schema.set("components", api.get("components"));
            return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(schema.toString(), InputFormat.JSON);
        });
    }

    /** A file of days is told by a schema of its own, and tested with the imports. */
    static Stream<Endpoint> described() {
        return endpoints().stream().filter(e -> !e.path().equals("/api/imports"));
    }

    /** Whoever writes to the API can find out from its document alone: what is good passes, what is malformed does not. */
    @ParameterizedTest
    @MethodSource("described")
    void theSchemaItselfTakesWhatIsGoodAndRefusesWhatIsMalformed(Endpoint endpoint) {
        Schema schema = schemaOf(endpoint.method(), endpoint.path());
        Map<String, Object> good = new HashMap<>(endpoint.good());
        good.values().removeIf(Objects::isNull);
        assertThat(schema.validate(json(good), InputFormat.JSON)).isEmpty();
        for (String bad : List.of("[]", "null", "\"text\"", "{\"unknown\":1}")) {
            assertThat(schema.validate(bad, InputFormat.JSON)).as(bad).isNotEmpty();
        }
        for (String field : good.keySet()) {
            Map<String, Object> spoilt = new HashMap<>(good);
            spoilt.put(field, List.of(List.of("no such thing")));
            assertThat(schema.validate(json(spoilt), InputFormat.JSON))
                    .as(field)
                    .isNotEmpty();
        }
        Map<String, Object> more = new HashMap<>(good);
        more.put("noSuchField", 1);
        assertThat(schema.validate(json(more), InputFormat.JSON)).isNotEmpty();
    }

    @ParameterizedTest
    @MethodSource("wrongValues")
    void theSchemaItselfRefusesWhatIsWrongByItself(
            String path, Map<String, Object> body, List<Integer> statuses, boolean byItself) {
        assertThat(schemaOf("POST", path).validate(json(body), InputFormat.JSON).isEmpty())
                .isNotEqualTo(byItself);
    }

    @Test
    void wrongIdsAreNotFound() {
        for (String store : STORES) {
            problem(APP.get(store + "/4711"), 404);
            problem(APP.get(store + "/seven"), 400);
            problem(APP.get(store + "/99999999999999999999"), 400);
            problem(APP.delete(store + "/4711"), 404);
        }
        problem(APP.get("/api/days/4711/briefing"), 404);
        problem(APP.get("/api/riders/4711/progress"), 404);
        problem(APP.get("/api/days/1/riders/4711/range?courseId=1&machineId=1"), 404);
        problem(APP.get("/api/days/1/riders/1/range?courseId=one&machineId=1"), 400);
        problem(APP.get("/api/days/1/riders/1/range"), 400);
        problem(APP.delete("/api/runs/11111111-2222"), 404);
        for (String figure : List.of("%20", "5,", "5,%20", "wide")) {
            problem(APP.get("/api/days/1/courses/1/changeover-moment?riderId=1&to=" + figure), 400);
            problem(APP.get("/api/days/1/courses/1/sizes?at=" + figure), 400);
        }
        problem(APP.get("/api/no-such-thing"), 404);
        problem(APP.send("PATCH", "/api/yards", "{}"), 405);
        problem(APP.send("POST", "/api/yards", "{}", "Content-Type", "text/plain"), 415, 422);
    }

    @Test
    void refusesABodyThatIsTooLarge() {
        Map<String, Object> yard = Courses.yard("Y");
        yard.put("notes", "x".repeat(300_000));
        leavesTheStoresAlone(() -> problem(APP.post("/api/yards", yard), 413));
    }

    private static Answer problem(Answer answer, Integer... statuses) {
        assertThat(statuses).as(answer.raw().body()).contains(answer.status());
        assertThat(answer.raw().headers().firstValue("Content-Type").orElse("")).contains("application/problem+json");
        assertThat(answer.body().get("detail").asString()).isNotBlank();
        assertThat(answer.raw().body()).doesNotContain("Exception", "\tat ", "SQL");
        return answer;
    }

    private static void leavesTheStoresAlone(Runnable attempt) {
        List<String> before = STORES.stream().map(s -> APP.get(s).raw().body()).toList();
        attempt.run();
        assertThat(STORES.stream().map(s -> APP.get(s).raw().body()).toList()).isEqualTo(before);
    }

    private static Arguments spoil(
            String path, Map<String, Object> body, Consumer<Map<String, Object>> how, Integer... statuses) {
        how.accept(body);
        return Arguments.of(path, body, List.of(statuses), true);
    }

    /** Wrong by what else is said or stored, such as the kind of a course: only the server knows. */
    private static Arguments related(
            String path, Map<String, Object> body, Consumer<Map<String, Object>> how, Integer... statuses) {
        how.accept(body);
        return Arguments.of(path, body, List.of(statuses), false);
    }

    private static Object figures(String dimension, double value) {
        return List.of(Map.of("dimension", dimension, "value", value, "provenance", "MEASURED"));
    }

    private static Object circles(double diameter) {
        return List.of(Map.of("side", "LEFT", "posture", "UPRIGHT", "diameter", Courses.length(diameter)));
    }

    private static Map<String, Object> setup(Map<String, Object> course, Double... activeSizes) {
        return Map.of("laid", Courses.laid(course, activeSizes), "system", "METRIC");
    }

    private static Map<String, Object> settings(long courseId, Double... metres) {
        return Map.of("courseId", courseId, "metres", metres);
    }

    private static Map<String, Object> square(double first, double second) {
        return Map.of(
                "laid", Courses.laid(Courses.box(7)), "first", Courses.length(first), "second", Courses.length(second));
    }

    private static Map<String, Object> pairs(long machineId) {
        return Map.of(
                "course",
                Courses.box(7),
                "pairs",
                List.of(Map.of("machineId", machineId, "level", "NOVICE")),
                "limits",
                true);
    }

    private static Map<String, Object> compute() {
        return Courses.compute(Courses.box(7), 1);
    }

    private static Map<String, Object> calls(int count) {
        return new java.util.HashMap<>(Map.of("count", count, "seed", 1));
    }

    private static Map<String, Object> weave(int cones) {
        return Courses.course(
                "Weave",
                "straight-weave",
                Map.of("spacingMetres", Courses.length(4.5), "leadMetres", Courses.length(5)),
                Map.of("coneCount", cones));
    }

    private static Map<String, Object> reading(String text) {
        return Map.of("text", text, "system", "METRIC");
    }

    private static Map<String, Object> groundPlan() {
        return new java.util.HashMap<>(Map.of("yardId", 1, "courses", List.of(), "novices", true));
    }

    private static Map<String, Object> among() {
        return new java.util.HashMap<>(Map.of("yardId", 1, "courses", List.of(), "rides", List.of()));
    }

    private static Object stand(long course, double x) {
        return Map.of("courseId", course, "stand", Map.of("xMetres", x, "yMetres", 0, "turnRadians", 0));
    }

    private static Map<String, Object> onGround(Consumer<Map<String, Object>> how) {
        Map<String, Object> ground = Courses.ground(40, 20);
        how.accept(ground);
        Map<String, Object> yard = Courses.yard("Y");
        yard.put("ground", ground);
        return yard;
    }

    private static Object sides(double first) {
        return Map.of(
                "sides",
                List.of(Courses.length(first), Courses.length(20), Courses.length(40)),
                "corners",
                List.of("OPEN", "OPEN", "OPEN"),
                "diagonals",
                List.of());
    }

    private static Object corners(String... corners) {
        return Map.of(
                "sides",
                List.of(Courses.length(40), Courses.length(20), Courses.length(40), Courses.length(20)),
                "corners",
                corners,
                "diagonals",
                List.of());
    }

    private static Object obstacle(double length) {
        Map<String, Object> post = new java.util.HashMap<>(
                Map.of("kind", "POST", "name", "", "xMetres", 3, "yMetres", 3, "turnRadians", 0, "keepClearMetres", 1));
        post.put("lengthMetres", length);
        post.put("widthMetres", 1);
        return post;
    }

    private static Object bays(int count) {
        return Map.of("xMetres", 3, "yMetres", 3, "turnRadians", 0, "count", count, "bayMetres", 2.5, "depthMetres", 5);
    }

    private static Map<String, Object> day(String date) {
        return new java.util.HashMap<>(
                Map.of("date", date, "title", "Day", "courseIds", List.of(), "stands", List.of(), "riders", List.of()));
    }

    private static String json(Object body) {
        return tools.jackson.databind.json.JsonMapper.builder().build().writeValueAsString(body);
    }
}
