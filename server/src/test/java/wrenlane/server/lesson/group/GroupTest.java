package wrenlane.server.lesson.group;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import wrenlane.server.fixture.RunningApp;

/** A day's riders side by side, and the day after. */
class GroupTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withSmallDemoDay();

    private static JsonNode group(String query) {
        return APP.finished("/api/days/5/group" + query);
    }

    @Test
    void everyRiderStandsOnEveryCourse() {
        JsonNode day = APP.get("/api/days/5").body();
        JsonNode group = group("");
        assertThat(group.get("aimedAt").asInt()).isEqualTo(75);
        assertThat(group.get("courses").size()).isEqualTo(day.get("courseIds").size());
        for (JsonNode course : group.get("courses")) {
            assertThat(course.get("riders").size()).isEqualTo(day.get("riders").size());
            List<Double> working = new ArrayList<>();
            course.get("riders")
                    .forEach(r -> working.add(r.path("workingMetres").asDouble(Double.NaN)));
            double next = course.get("nextMetres").asDouble();
            assertThat(working).anyMatch(w -> w <= next + 1e-9).anyMatch(w -> w >= next - 1e-9);
        }
    }

    @Test
    void aimingHigherNeverAsksForATighterSetting() {
        List<Double> usual = next(group(""));
        aim(90);
        List<Double> careful = next(group(""));
        aim(75);
        for (int i = 0; i < usual.size(); i++) {
            assertThat(careful.get(i)).isGreaterThanOrEqualTo(usual.get(i) - 1e-9);
        }
        assertThat(careful).isNotEqualTo(usual);
    }

    private static void aim(int percent) {
        assertThat(APP.put("/api/aim", Map.of("cleanPercent", percent)).status())
                .isEqualTo(200);
    }

    private static List<Double> next(JsonNode group) {
        List<Double> next = new ArrayList<>();
        group.get("courses").forEach(c -> next.add(c.get("nextMetres").asDouble()));
        return next;
    }

    @Test
    void theDayAfterStandsAtWhatIsProposed() {
        List<Double> proposed = next(group(""));
        RunningApp.Answer made =
                APP.post("/api/days/5/next-day", Map.of("date", "2026-06-04", "title", "The lesson after"));
        assertThat(made.status()).as(made.raw().body()).isEqualTo(201);
        JsonNode before = APP.get("/api/days/5").body();
        JsonNode after = APP.get("/api/days/" + made.body().get("id").asLong()).body();
        assertThat(after.get("courseIds")).isEqualTo(before.get("courseIds"));
        assertThat(after.get("riders")).isEqualTo(before.get("riders"));
        assertThat(after.get("yardId")).isEqualTo(before.get("yardId"));
        List<Double> stands = new ArrayList<>();
        after.get("activeSizes").forEach(s -> stands.add(s.at("/metres/0").asDouble()));
        assertThat(stands).isEqualTo(proposed);
        assertThat(APP.get("/api/days/" + made.body().get("id").asLong() + "/briefing")
                        .status())
                .isEqualTo(200);
    }

    @Test
    void refusesWhatIsNotThereOrNotAimedAt() {
        assertThat(APP.get("/api/days/999999/group").status()).isEqualTo(404);
        assertThat(APP.put("/api/aim", Map.of("cleanPercent", 49)).status()).isIn(400, 422);
        assertThat(APP.put("/api/aim", Map.of("cleanPercent", 96)).status()).isIn(400, 422);
        assertThat(APP.send("PUT", "/api/aim", RunningApp.json(Map.of("cleanPercent", 80)), "If-Match", "\"99\"")
                        .status())
                .isEqualTo(412);
        assertThat(APP.post("/api/days/5/next-day", Map.of("date", "2026-06-04", "title", " "))
                        .status())
                .isIn(400, 422);
    }
}
