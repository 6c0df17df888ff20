package wrenlane.server.ground.yard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.RunningApp;

/** Yards as measured, courses placed on them, and what the school owns. */
class YardsTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private static Map<String, Object> fiveSided(double cd) {
        Map<String, Object> ground = Courses.ground(40, 15);
        ground.put(
                "outline",
                Map.of(
                        "sides",
                        List.of(
                                Courses.length(40),
                                Courses.length(15),
                                Courses.length(cd),
                                Courses.length(30),
                                Courses.length(25)),
                        "corners",
                        List.of("SQUARE", "SQUARE", "OPEN", "OPEN", "SQUARE"),
                        "diagonals",
                        List.of(Map.of("from", 0, "to", 2, "length", Courses.length(42.72)))));
        return ground;
    }

    @Test
    void aFalseMeasurementIsPointedOutAndTheYardIsKeptAllTheSame() {
        JsonNode right =
                APP.post("/api/calculations/yard-surveys", fiveSided(14.14)).body();
        assertThat(right.get("findings").size()).isZero();
        assertThat(right.at("/outline/corners").size()).isEqualTo(5);
        assertThat(right.at("/outline/areaSquareMetres").asDouble()).isCloseTo(950, within(1.0));
        JsonNode wrong =
                APP.post("/api/calculations/yard-surveys", fiveSided(13.3)).body();
        assertThat(wrong.at("/findings/0/message").asString()).contains("ide CD is 0.8", "too short");
        Map<String, Object> yard = Courses.yard("Five-sided");
        yard.put("ground", fiveSided(13.3));
        RunningApp.Answer stored = APP.post("/api/yards", yard);
        assertThat(stored.status()).isEqualTo(201);
        assertThat(stored.body().at("/cautions/0/code").asString()).isEqualTo("outline-misfit");
    }

    @Test
    void aSurveySaysEverythingThatIsWrong() {
        Map<String, Object> ground = fiveSided(14.14);
        ground.put("fallPercent", 40);
        ground.put("entrance", Map.of("side", 1, "alongMetres", 99));
        JsonNode said = APP.post("/api/calculations/yard-surveys", ground).body();
        assertThat(said.at("/findings/0/message").asString()).contains("The fall");
        assertThat(said.at("/outline/corners").size()).isEqualTo(5);
    }

    private static Map<String, Object> place(double x, double y) {
        return Map.of("x", x, "y", y);
    }

    private static Map<String, Object> place(double x, double y, int was) {
        return Map.of("x", x, "y", y, "was", was);
    }

    @Test
    void anOutlineThatIsDrawnIsAYardStillToBeMeasured() {
        JsonNode drawn = APP.post(
                        "/api/calculations/yard-sketches?system=IMPERIAL",
                        Map.of("places", List.of(place(2, 12), place(26, 12), place(20, 2), place(2, 2))))
                .body();
        assertThat(drawn.at("/axes/xMetres").asDouble()).isEqualTo(2);
        assertThat(drawn.at("/outline/sides/0/method").asString()).isEqualTo("DRAWN");
        assertThat(drawn.at("/outline/sides/0/text").asString()).isEqualTo("59' 0.5\"");
        Map<String, Object> ground = Courses.ground(40, 15);
        ground.put("outline", drawn.get("outline"));
        JsonNode survey = APP.post("/api/calculations/yard-surveys", ground).body();
        assertThat(survey.get("findings").size()).isZero();
        assertThat(survey.at("/outline/corners/2/x").asDouble()).isCloseTo(24, within(0.01));
        assertThat(survey.at("/cautions/0/code").asString()).isEqualTo("outline-drawn");
        Map<String, Object> yard = Courses.yard("Drawn");
        yard.put("ground", ground);
        assertThat(APP.post("/api/yards", yard).body().at("/cautions/0/code").asString())
                .isEqualTo("outline-drawn");
    }

    @Test
    void drawnAnewAYardKeepsTheWordsOfWhatStaysMeasured() {
        Map<String, Object> ground = fiveSided(14.14);
        JsonNode drawn = APP.post(
                        "/api/calculations/yard-sketches",
                        Map.of(
                                "before",
                                ground.get("outline"),
                                "places",
                                List.of(place(0, 0, 0), place(40, 0, 1), place(40, 15, 2), place(0, 25, 4))))
                .body();
        assertThat(drawn.at("/outline/sides/0/method").asString()).isEqualTo("TAPE");
        assertThat(drawn.at("/outline/sides/0/text").asString()).isEqualTo("40.0000 m");
        assertThat(drawn.at("/outline/sides/2/method").asString()).isEqualTo("DRAWN");
        assertThat(drawn.at("/outline/diagonals/0/length/metres").asDouble()).isEqualTo(42.72);
    }

    @Test
    void aDrawingThatIsNoOutlineIsRefusedWithASentence() {
        RunningApp.Answer crossing = APP.post(
                "/api/calculations/yard-sketches",
                Map.of("places", List.of(place(0, 0), place(10, 10), place(10, 0), place(0, 10))));
        assertThat(crossing.status()).isEqualTo(422);
        assertThat(crossing.body().toString()).contains("Two sides of this drawing cross");
        RunningApp.Answer unknown = APP.post(
                "/api/calculations/yard-sketches",
                Map.of("places", List.of(place(0, 0, 3), place(10, 0), place(10, 10))));
        assertThat(unknown.status()).isEqualTo(422);
    }

    @Test
    void saysWhatThingsOnAYardMeasureAsARule() {
        JsonNode usual = APP.get("/api/yards/usual").body();
        assertThat(usual.at("/obstacles/0/kind").asString()).isEqualTo("POST");
        assertThat(usual.at("/obstacles/0/blocks").asBoolean()).isTrue();
        assertThat(usual.at("/obstacles").size()).isEqualTo(8);
        assertThat(usual.at("/bayRow/bayMetres").asDouble()).isEqualTo(2.5);
    }

    private static long course(double width) {
        return APP.post("/api/courses", Courses.box(width)).body().get("id").asLong();
    }

    private static long yard(double length, double width) {
        Map<String, Object> yard = Courses.yard("Quay");
        yard.put("ground", Courses.ground(length, width));
        return APP.post("/api/yards", yard).body().get("id").asLong();
    }

    private static Map<String, Object> plan(long yard, Object... courses) {
        return new HashMap<>(Map.of("yardId", yard, "courses", courses, "novices", false));
    }

    private static Map<String, Object> at(long course, double x, double y) {
        return Map.of("courseId", course, "stand", Map.of("xMetres", x, "yMetres", y, "turnRadians", 0));
    }

    @Test
    void placesCoursesAndSaysWhatIsUnsafeWhereTheyArePutByHand() {
        long yard = yard(40, 20);
        long first = course(7.2);
        long second = course(6.4);
        JsonNode found = APP.post(
                        "/api/calculations/placings", plan(yard, Map.of("courseId", first), Map.of("courseId", second)))
                .body();
        assertThat(found.get("courses").size()).isEqualTo(2);
        assertThat(found.get("findings").size()).isZero();
        assertThat(found.get("waiting").get("x").asDouble()).isBetween(0.0, 40.0);
        assertThat(found.at("/courses/0/cones").size()).isEqualTo(10);
        JsonNode byHand = APP.post("/api/calculations/ground-plans", plan(yard, at(first, 10, 5), at(second, 12, 6)))
                .body();
        List<String> codes = new ArrayList<>();
        byHand.get("findings").forEach(f -> codes.add(f.get("code").asString()));
        assertThat(codes).contains("courses-overlap");
        JsonNode outside = APP.post("/api/calculations/ground-plans", plan(yard, at(first, 38, 5)))
                .body();
        assertThat(outside.at("/findings/0/code").asString()).isEqualTo("outside-yard");
    }

    @Test
    void aCourseThatFindsNoPlaceIsSaidByHowMuch() {
        JsonNode found = APP.post("/api/calculations/placings", plan(yard(16.6, 10.2), Map.of("courseId", course(7.2))))
                .body();
        assertThat(found.get("courses").size()).isZero();
        assertThat(found.at("/findings/0/message").asString()).contains("m shorter");
    }

    @Test
    void aDayKeepsWhereItsCoursesStand() {
        long yard = yard(40, 20);
        long course = course(7.2);
        Map<String, Object> day = new HashMap<>(Map.of(
                "date",
                "2026-05-14",
                "title",
                "Placed",
                "yardId",
                yard,
                "courseIds",
                List.of(course, course(6.4)),
                "stands",
                List.of(at(course, 10, 5.5)),
                "riders",
                List.of()));
        JsonNode stored = APP.post("/api/days", day).body();
        assertThat(stored.at("/stands").size()).isEqualTo(1);
        assertThat(stored.at("/stands/0/stand/yMetres").asDouble()).isEqualTo(5.5);
        String path = "/api/days/" + stored.get("id").asLong();
        assertThat(APP.get(path + "/briefing").body().get("cautions").toString())
                .doesNotContain("outside-yard");
        day.put("stands", List.of(at(course, 39, 5.5)));
        assertThat(APP.put(path, day).status()).isEqualTo(200);
        assertThat(APP.get(path + "/briefing").body().get("cautions").toString())
                .contains("outside-yard");
    }

    /** A row of bays runs back from (20, 20) towards x = 0; a box at (10, 5) unturned has its mark A there. */
    @Test
    void setsOutInBaysFromTheFirstLineOfARow() {
        Map<String, Object> ground = Courses.ground(40, 20);
        ground.put(
                "bayRows",
                List.of(Map.of(
                        "xMetres",
                        20,
                        "yMetres",
                        20,
                        "turnRadians",
                        Math.PI,
                        "count",
                        8,
                        "bayMetres",
                        2.5,
                        "depthMetres",
                        5)));
        Map<String, Object> yard = Courses.yard("Bays");
        yard.put("ground", ground);
        long id = APP.post("/api/yards", yard).body().get("id").asLong();
        Map<String, Object> asked = new HashMap<>(Map.of(
                "laid", Courses.laid(Courses.box(7.2)),
                "system", "METRIC",
                "yardId", id,
                "stand", Map.of("xMetres", 10, "yMetres", 5, "turnRadians", 0),
                "along", Map.of("line", "BAY_ROW", "number", 0, "fromItsEnd", false)));
        JsonNode a = APP.post("/api/calculations/setup-sheets", asked).body().at("/bays/steps/0");
        assertThat(a.get("alongUnits").asDouble()).isEqualTo(4);
        assertThat(a.get("alongRestMetres").asDouble()).isCloseTo(0, within(1e-9));
        assertThat(a.get("acrossRestMetres").asDouble()).isCloseTo(15, within(1e-9));
        asked.put("along", Map.of("line", "BAY_ROW", "number", 3, "fromItsEnd", false));
        assertThat(APP.post("/api/calculations/setup-sheets", asked).status()).isEqualTo(422);
    }

    @Test
    void setsOutFromASideByItsName() {
        Map<String, Object> ground = Courses.ground(40, 20);
        ground.put("sideNames", List.of("quay kerb", ""));
        Map<String, Object> yard = Courses.yard("Named");
        yard.put("ground", ground);
        long id = APP.post("/api/yards", yard).body().get("id").asLong();
        Map<String, Object> asked = new HashMap<>(Map.of(
                "laid",
                Courses.laid(Courses.box(7.2)),
                "system",
                "METRIC",
                "yardId",
                id,
                "stand",
                Map.of("xMetres", 10, "yMetres", 5, "turnRadians", 0)));
        asked.put("along", Map.of("line", "SIDE", "number", 0, "fromItsEnd", true));
        assertThat(APP.post("/api/calculations/setup-sheets", asked)
                        .body()
                        .at("/sheet/baseline/name")
                        .asString())
                .isEqualTo("the quay kerb AB, from B");
        asked.put("along", Map.of("line", "SIDE", "number", 2, "fromItsEnd", false));
        assertThat(APP.post("/api/calculations/setup-sheets", asked)
                        .body()
                        .at("/sheet/baseline/name")
                        .asString())
                .isEqualTo("side CD, from C");
    }

    @Test
    void aShortageOfConesIsSaid() {
        long course = course(7.2);
        JsonNode day = APP.post(
                        "/api/days",
                        Map.of(
                                "date", "2026-05-14",
                                "title", "Short",
                                "courseIds", List.of(course),
                                "stands", List.of(),
                                "riders", List.of()))
                .body();
        String briefing = "/api/days/" + day.get("id").asLong() + "/briefing";
        assertThat(APP.put("/api/kit", Map.of("conesOwned", Map.of("TALL", 2, "FLAT", 3)))
                        .body()
                        .at("/conesOwned/FLAT")
                        .asInt())
                .isEqualTo(3);
        assertThat(APP.get(briefing).body().toString()).contains("The school lacks 5 flat markers");
        APP.put("/api/kit", Map.of("conesOwned", Map.of("TALL", 2, "FLAT", 30)));
        assertThat(APP.get(briefing).body().toString()).doesNotContain("lacks");
    }

    /** A yard stored before outlines were measured is a rectangle of four square corners. */
    @Test
    void yardsOfTheFirstVersionsAreBroughtOver(@TempDir Path folder) throws SQLException {
        String url = "jdbc:sqlite:" + folder.resolve("old.db");
        Flyway.configure().dataSource(url, null, null).target("2").load().migrate();
        try (Connection connection = DriverManager.getConnection(url);
                Statement sql = connection.createStatement()) {
            sql.execute("INSERT INTO yard (name, length_m, length_u_m, length_method, length_text, width_m, width_u_m,"
                    + " width_method, width_text, surface, fall_percent, notes) VALUES ('Old', 40, 0.05, 'TAPE', '40 m',"
                    + " 20, 0.03, 'WHEEL', '20 m', 'GRAVEL', 2.5, '')");
        }
        Flyway.configure().dataSource(url, null, null).load().migrate();
        try (Connection connection = DriverManager.getConnection(url);
                Statement sql = connection.createStatement();
                ResultSet row = sql.executeQuery("SELECT ground FROM yard")) {
            JsonNode ground = JsonMapper.builder().build().readTree(row.getString(1));
            assertThat(ground.at("/outline/sides").size()).isEqualTo(4);
            assertThat(ground.at("/outline/sides/1/method").asString()).isEqualTo("WHEEL");
            assertThat(ground.at("/outline/sides/2/metres").asDouble()).isEqualTo(40);
            assertThat(ground.get("surface").asString()).isEqualTo("GRAVEL");
            assertThat(ground.get("fallPercent").asDouble()).isEqualTo(2.5);
            Map<String, Object> again = Courses.yard("Old");
            again.put("ground", ground);
            assertThat(APP.post("/api/yards", again).status()).isEqualTo(201);
        }
    }

    @Test
    void aRowOfBaysThatIsNotThereIsSaid() {
        long yard =
                APP.post("/api/yards", Courses.yard("Quay")).body().get("id").asLong();
        Map<String, Object> asked = Map.of(
                "laid",
                Courses.laid(Courses.box(7)),
                "system",
                "METRIC",
                "yardId",
                yard,
                "along",
                Map.of("line", "BAY_ROW", "number", 99, "fromItsEnd", false));
        RunningApp.Answer answer = APP.post("/api/calculations/setup-sheets", asked);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().at("/findings/0/where").asString()).isEqualTo("along.number");
    }
}
