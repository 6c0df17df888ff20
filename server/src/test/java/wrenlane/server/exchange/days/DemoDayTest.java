package wrenlane.server.exchange.days;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.RunningApp;

/** The demo file through the import, as a person sees it. */
class DemoDayTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoDay();

    private static JsonNode today() {
        return APP.get("/api/days").body().get(0);
    }

    private static List<JsonNode> list(JsonNode array) {
        List<JsonNode> nodes = new ArrayList<>();
        array.forEach(nodes::add);
        return nodes;
    }

    @Test
    void bringsInFourPastDaysAndToday() {
        JsonNode days = APP.get("/api/days").body();
        assertThat(days.size()).isEqualTo(5);
        assertThat(today().get("date").asString())
                .isEqualTo(LocalDate.now(ZoneId.systemDefault()).toString());
        assertThat(days.get(4).get("date").asString())
                .isEqualTo(LocalDate.now(ZoneId.systemDefault()).minusDays(35).toString());
        assertThat(APP.get("/api/about").body().get("demo").asBoolean()).isTrue();
    }

    @Test
    void hasAboutFourHundredSimulatedRunsWithAWeakSide() {
        int runs = 0;
        Map<String, Integer> clean = new HashMap<>();
        for (JsonNode rider : APP.get("/api/riders").body()) {
            JsonNode progress = APP.get("/api/riders/" + rider.get("id").asLong() + "/progress")
                    .body();
            for (JsonNode day : progress.get("days")) {
                assertThat(list(day.get("runs")))
                        .allSatisfy(
                                r -> assertThat(r.get("simulated").asBoolean()).isTrue());
                runs += day.get("runs").size();
            }
            assertThat(progress.at("/riderSizes/left/metres").asDouble()).isPositive();
            clean.merge("left", progress.at("/left/clean").asInt(), Integer::sum);
            clean.merge("right", progress.at("/right/clean").asInt(), Integer::sum);
        }
        assertThat(runs).isBetween(360, 440);
        assertThat(clean.get("left")).isGreaterThan(runs / 4);
        assertThat(clean.get("right")).isGreaterThan(runs / 4);
    }

    @Test
    void briefsTheDayOnOnePage() {
        JsonNode briefing =
                APP.get("/api/days/" + today().get("id").asLong() + "/briefing").body();
        assertThat(briefing.get("riders").size()).isEqualTo(7);
        assertThat(list(briefing.get("riders"))).allSatisfy(r -> {
            assertThat(r.at("/size/settingMetres").asDouble()).isBetween(3.0, 20.0);
            assertThat(r.at("/size/difficulty").asDouble()).isBetween(0.3, 0.95);
        });
        assertThat(briefing.get("cones").toString()).contains("TALL").contains("FLAT");
        assertThat(briefing.get("stops").size()).isEqualTo(8);
    }

    @Test
    void everyMachineOfTheDayGetsAnAnswerToBothSides() {
        JsonNode course =
                APP.get("/api/courses/" + today().at("/courseIds/0").asLong()).body();
        List<Map<String, Object>> pairs = new ArrayList<>();
        for (JsonNode rider : today().get("riders")) {
            pairs.add(Map.of("machineId", rider.get("machineId").asLong(), "level", "DEVELOPING"));
        }
        JsonNode rows = APP.finished(
                        "/api/calculations/course-comparisons",
                        Map.of(
                                "course",
                                Courses.of(course),
                                "pairs",
                                pairs,
                                "limits",
                                true,
                                "yardId",
                                today().get("yardId").asLong()),
                        c -> c.get("rows").size())
                .get("rows");
        assertThat(rows.size()).isEqualTo(7);
        assertThat(list(rows)).allSatisfy(p -> {
            assertThat(p.at("/asSet/side").asString()).isEqualTo("LEFT");
            assertThat(p.at("/mirrored/side").asString()).isEqualTo("RIGHT");
            assertThat(p.at("/asSet/answer").asString()).isEqualTo("FITS");
            assertThat(p.at("/asSet/neededMetres").asDouble()).isBetween(3.0, 7.2);
            assertThat(p.at("/ladder/sizes").size()).isBetween(8, 10);
        });
    }

    @Test
    void aMeasuredLockThatDiffersShowsOnBothSides() {
        JsonNode adventure = list(APP.get("/api/machines").body()).stream()
                .filter(m -> m.get("name").asString().equals("650 adventure"))
                .findFirst()
                .orElseThrow();
        assertThat(adventure.at("/turn/limitRightMetres").asDouble())
                .isGreaterThan(adventure.at("/turn/limitLeftMetres").asDouble() + 0.2);
    }
}
