package wrenlane.server.progress.comparison;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import wrenlane.server.fixture.RunningApp;

/** Two days of a rider, side by side. */
class ComparedDaysTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoDay();

    private static final String RIDER = "/api/riders/2/progress";

    private static RunningApp.Answer compare(long from, long to) {
        return APP.get(RIDER + "/days?kind=u-turn-box&from=" + from + "&to=" + to);
    }

    @Test
    void bothSidesAreSaidAsProgressSaysThem() {
        JsonNode days = APP.get(RIDER).body().get("days");
        JsonNode first = days.get(1);
        JsonNode last = days.get(days.size() - 1);
        JsonNode compared =
                compare(first.get("dayId").asLong(), last.get("dayId").asLong()).body();
        JsonNode left = compared.at("/sides/0");
        assertThat(left.get("side").asString()).isEqualTo("LEFT");
        assertThat(left.at("/to/difficulty").asDouble())
                .isCloseTo(last.at("/left/difficulty").asDouble(), within(1e-9));
        assertThat(left.at("/change/difficulty").asDouble())
                .isCloseTo(
                        left.at("/to/difficulty").asDouble()
                                - left.at("/from/difficulty").asDouble(),
                        within(1e-9));
        int runs = 0;
        for (JsonNode run : last.get("runs")) {
            runs += run.get("side").asString().equals("LEFT")
                            && run.get("sort").asString().equals("RUN")
                    ? 1
                    : 0;
        }
        assertThat(left.get("toRuns").asInt()).isEqualTo(runs);
    }

    @Test
    void theEarlierDayComesFirstHoweverItIsAsked() {
        assertThat(compare(4, 1).body()).isEqualTo(compare(1, 4).body());
        assertThat(compare(4, 1).body().at("/from/dayId").asLong()).isEqualTo(1);
    }

    @Test
    void aDayWithoutRunsOfTheRiderIsSaidNotToBeThere() {
        assertThat(compare(1, 999999).status()).isEqualTo(404);
        assertThat(APP.get(RIDER + "/days?kind=moebius&from=1&to=2").status()).isEqualTo(422);
    }

    /** A tighter setting is never likelier to be clean, and the side where it is less counts. */
    @Test
    void theChanceOnACourseFallsWithDifficulty() {
        double wide = chance(Map.of("LEFT", 0.4, "RIGHT", 0.4));
        double tight = chance(Map.of("LEFT", 0.7, "RIGHT", 0.7));
        assertThat(tight).isLessThan(wide);
        assertThat(chance(Map.of("LEFT", 0.4, "RIGHT", 0.7))).isLessThanOrEqualTo(wide);
        assertThat(chance(Map.of("LEFT", 0.7, "RIGHT", 0.7)))
                .isEqualTo(Math.min(chance(Map.of("LEFT", 0.7)), chance(Map.of("RIGHT", 0.7))));
    }

    @Test
    void refusesChancesOfNothing() {
        assertThat(asked("u-turn-box", Map.of()).status()).isIn(400, 422);
        assertThat(asked("moebius", Map.of("LEFT", 0.5)).status()).isEqualTo(422);
        assertThat(asked("u-turn-box", Map.of("LEFT", 99)).status()).isIn(400, 422);
    }

    private static RunningApp.Answer asked(String kind, Map<String, ?> difficulty) {
        return APP.post(
                "/api/calculations/clean-chances",
                Map.of("kind", kind, "riders", List.of(Map.of("riderId", 2, "difficulty", difficulty))));
    }

    private static double chance(Map<String, ?> difficulty) {
        RunningApp.Answer answer = asked("u-turn-box", difficulty);
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(200);
        return answer.body().at("/0/chance").asDouble();
    }
}
