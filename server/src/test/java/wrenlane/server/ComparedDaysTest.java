package wrenlane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

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
        assertThat(left.at("/to/tightness").asDouble())
                .isCloseTo(last.at("/left/tightness").asDouble(), within(1e-9));
        assertThat(left.at("/change/tightness").asDouble())
                .isCloseTo(
                        left.at("/to/tightness").asDouble()
                                - left.at("/from/tightness").asDouble(),
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
}
