package wrenlane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.RunningApp;

/** Each resource is made, read back, changed and deleted. */
class ResourcesTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    @Test
    void aYardKeepsItsWordsAndItsCalibrations() {
        Map<String, Object> yard = Courses.yard("Quay");
        yard.put("bay", Map.of("count", 4, "taped", Courses.length(9.84)));
        Map<String, Object> ground = Courses.ground(40, 20);
        ground.put("fallPercent", 4.0);
        yard.put("ground", ground);
        JsonNode stored = APP.post("/api/yards", yard).body();
        assertThat(stored.at("/ground/outline/sides/0/text").asString()).isEqualTo("40.0000 m");
        assertThat(stored.at("/bay/taped/metres").asDouble()).isEqualTo(9.84);
        assertThat(stored.has("pace")).isFalse();
        assertThat(stored.at("/cautions/0/code").asString()).isEqualTo("fall-novices");

        yard.put("name", "Quay, swept");
        String path = "/api/yards/" + stored.get("id").asLong();
        assertThat(APP.put(path, yard).body().get("name").asString()).isEqualTo("Quay, swept");
        assertThat(APP.delete(path).status()).isEqualTo(204);
        assertThat(APP.get(path).status()).isEqualTo(404);
    }

    @Test
    void readsALengthInBays() {
        JsonNode read = APP.post(
                        "/api/calculations/length-readings",
                        Map.of(
                                "text", "2.5 bays",
                                "system", "METRIC",
                                "bay", Map.of("count", 4, "taped", Courses.length(9.6))))
                .body();
        assertThat(read.at("/readings/0/length/metres").asDouble()).isCloseTo(6.0, within(1e-9));
        assertThat(read.at("/readings/0/metric").asString()).isEqualTo("6.00 m");
        assertThat(read.at("/readings/0/imperial").asString()).isEqualTo("19' 8\"");
        assertThat(read.has("question")).isFalse();
    }

    @Test
    void asksWhatALengthOfTwoNumbersMeans() {
        JsonNode read = APP.post("/api/calculations/length-readings", Map.of("text", "23 6", "system", "IMPERIAL"))
                .body();
        assertThat(read.get("question").asString()).isEqualTo("“23 6” could mean 23' 6\" or 23.6 m. Choose one.");
        assertThat(read.at("/readings/0/length/text").asString()).isEqualTo("23' 6\"");
        assertThat(read.at("/readings/0/length/metres").asDouble()).isCloseTo(7.1628, within(1e-9));
    }

    @Test
    void asksWhatALengthFarFromTheUsualMeans() {
        Map<String, Object> spacing =
                Map.of("text", "450", "system", "METRIC", "usual", Map.of("leastMetres", 2, "mostMetres", 20));
        JsonNode read = APP.post("/api/calculations/length-readings", spacing).body();
        assertThat(read.at("/readings/0/length/text").asString()).isEqualTo("450 cm");
    }

    @Test
    void aMachineStartsTypicalAndTakesWhatIsMeasured() {
        Map<String, Object> machine = Courses.machine("Twin");
        machine.put("figures", List.of(Map.of("dimension", "WHEELBASE", "value", 1.38, "provenance", "MEASURED")));
        machine.put("circles", List.of(Map.of("side", "LEFT", "posture", "UPRIGHT", "diameter", Courses.length(5.6))));
        JsonNode stored = APP.post("/api/machines", machine).body();
        assertThat(stored.get("figures").size()).isEqualTo(12);
        assertThat(stored.at("/figures/0/provenance").asString()).isEqualTo("MEASURED");
        assertThat(stored.at("/figures/1/provenance").asString()).isEqualTo("TYPICAL");
        assertThat(stored.at("/turn/turns/0/measured/circleWidthMetres").asDouble())
                .isCloseTo(5.6, within(1e-9));
        assertThat(stored.at("/turn/turns/1").has("measured")).isFalse();
        assertThat(APP.get("/api/machines/" + stored.get("id").asLong()).body()).isEqualTo(stored);
    }

    @Test
    void aRiderKeepsTheUsualMachine() {
        long machine = APP.post("/api/machines", Courses.machine("Twin"))
                .body()
                .get("id")
                .asLong();
        Map<String, Object> rider = Courses.rider("Ada Testwick");
        rider.put("machineId", machine);
        JsonNode stored = APP.post("/api/riders", rider).body();
        assertThat(stored.get("machineId").asLong()).isEqualTo(machine);
        assertThat(APP.get("/api/rider-options").body().at("/levels").size()).isEqualTo(3);
        assertThat(APP.get("/api/rider-options").body().at("/schools").size()).isEqualTo(5);
    }

    @Test
    void aDayIsBriefedEvenWhileNothingIsReady() {
        JsonNode day = APP.post(
                        "/api/days",
                        Map.of(
                                "date",
                                "2026-05-14",
                                "title",
                                "Empty",
                                "courseIds",
                                List.of(),
                                "stands",
                                List.of(),
                                "riders",
                                List.of()))
                .body();
        JsonNode briefing =
                APP.get("/api/days/" + day.get("id").asLong() + "/briefing").body();
        assertThat(briefing.at("/stops/1/readiness").asString()).isEqualTo("EMPTY");
        assertThat(briefing.at("/stops/1/message").asString()).contains("No yard");
        assertThat(briefing.get("riders").size()).isZero();
    }

    @Test
    void setsOutABoxAndChecksThatItIsSquare() {
        JsonNode sheet = APP.post(
                        "/api/calculations/setup-sheets",
                        Map.of("laid", Courses.laid(Courses.box(7.2)), "system", "METRIC"))
                .body();
        assertThat(sheet.at("/sheet/steps").size()).isEqualTo(10);
        assertThat(sheet.at("/walk/order").size()).isEqualTo(10);
        assertThat(sheet.at("/walk/minutes").asDouble()).isPositive();
        assertThat(sheet.at("/tapes/steps").size()).isEqualTo(10);
        assertThat(sheet.at("/tapes/steps/0/flat").asBoolean()).isFalse();
        assertThat(sheet.at("/sheet/checks/0/metres").asDouble()).isCloseTo(10.40, within(0.001));
        JsonNode check = APP.post(
                        "/api/calculations/square-checks",
                        Map.of(
                                "laid", Courses.laid(Courses.box(6), 7.2, 6.4),
                                "first", Courses.length(10.45),
                                "second", Courses.length(10.35)))
                .body();
        // By hand: (10.45² − 10.35²) / (4 · 7.5 · 7.2) = 0.0096296; times the depth 0.0722 m.
        assertThat(check.get("shiftMetres").asDouble()).isCloseTo(0.0722, within(0.0001));
    }

    /** From 7.2 m to 6.4 m the entry line's five cones stay, the five others on the far side move by 0.8 m. */
    @Test
    void changesABoxOverToANarrowerOne() {
        JsonNode change = APP.post(
                        "/api/calculations/changeovers",
                        Map.of(
                                "from",
                                Courses.laid(Courses.box(7.2)),
                                "to",
                                Courses.laid(Courses.box(6.4)),
                                "system",
                                "METRIC"))
                .body();
        Map<String, Integer> doings = new TreeMap<>();
        change.get("steps").forEach(s -> doings.merge(s.get("doing").asString(), 1, Integer::sum));
        assertThat(doings.keySet()).isSubsetOf("STAYS", "PICK_UP", "LAY_DOWN", "AT_STACK");
        assertThat(doings).containsKeys("STAYS", "PICK_UP", "LAY_DOWN");
        assertThat(change.get("walkedMetres").asDouble()).isBetween(6.4, 30.0);
        assertThat(change.get("minutes").asDouble()).isPositive();
    }

    /** A box stands 10 m along and 5 m off side AB, turned by a quarter: its mark B lies 7.5 m further off. */
    @Test
    void setsOutFromASideOfTheYardInPacesAndBays() {
        Map<String, Object> yard = Courses.yard("Quay");
        yard.put("bay", Map.of("count", 4, "taped", Courses.length(9.6)));
        yard.put("pace", Map.of("count", 10, "taped", Courses.length(8)));
        long yardId = APP.post("/api/yards", yard).body().get("id").asLong();
        JsonNode set = APP.post(
                        "/api/calculations/setup-sheets",
                        Map.of(
                                "laid", Courses.laid(Courses.box(7.2)),
                                "system", "METRIC",
                                "yardId", yardId,
                                "stand", Map.of("xMetres", 10, "yMetres", 5, "turnRadians", Math.PI / 2),
                                "along", Map.of("line", "SIDE", "number", 0, "fromItsEnd", false)))
                .body();
        JsonNode b = set.at("/sheet/steps")
                .valueStream()
                .filter(s -> s.at("/cone/label").asString().equals("B"))
                .findFirst()
                .orElseThrow();
        assertThat(b.get("alongMetres").asDouble()).isCloseTo(10, within(1e-9));
        assertThat(b.get("acrossMetres").asDouble()).isCloseTo(12.5, within(1e-9));
        assertThat(set.at("/sheet/baseline/name").asString()).isEqualTo("side AB, from A");
        assertThat(set.at("/paces/unitMetres").asDouble()).isCloseTo(0.8, within(1e-9));
        assertThat(set.at("/paces/steps/0/alongUnits").asDouble()).isCloseTo(12.5, within(1e-9));
        assertThat(set.at("/bays/steps/0/alongUnits").asDouble()).isEqualTo(4);
        assertThat(set.at("/bays/steps/0/alongRestMetres").asDouble()).isCloseTo(0.4, within(0.011));
        assertThat(set.has("rings")).isFalse();
    }

    @Test
    void findsTheOrderOfADaysCourses() {
        JsonNode order = APP.post(
                        "/api/calculations/day-orders",
                        Map.of(
                                "courses",
                                        List.of(
                                                Courses.laid(Courses.box(7.2)),
                                                Courses.laid(Courses.box(5)),
                                                Courses.laid(Courses.box(7))),
                                "keepInOrder", List.of(),
                                "system", "METRIC"))
                .body();
        assertThat(order.get("order").size()).isEqualTo(3);
        assertThat(order.get("walkedMetres").asDouble())
                .isLessThan(order.get("listedWalkedMetres").asDouble());
        assertThat(order.get("shared").size()).isEqualTo(3);
    }

    @Test
    void saysWhatTheWayOfMeasuringDoesToTheClearance() {
        long machine = APP.post("/api/machines", Courses.machine("Twin"))
                .body()
                .get("id")
                .asLong();
        JsonNode accuracy = APP.finished(
                        "/api/calculations/setup-accuracies",
                        Courses.compute(Courses.box(5.8), machine),
                        a -> a.get("parts").asInt())
                .get("accuracy");
        double tape = accuracy.at("/here/errorMetres/TAPE").asDouble();
        assertThat(tape).isBetween(0.001, 0.05);
        assertThat(accuracy.at("/here/errorMetres/PACES").asDouble()).isGreaterThan(5 * tape);
        assertThat(accuracy.at("/goodTo/PACES").asDouble())
                .isGreaterThan(accuracy.at("/goodTo/TAPE").asDouble());
        assertThat(accuracy.get("shareToSpare").asDouble()).isBetween(0.01, 0.25);
    }
}
