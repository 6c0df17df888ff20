package wrenlane.server.day;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import wrenlane.server.fixture.RunningApp;

class DayPageTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private static void day(LocalDate date) {
        APP.post(
                "/api/days",
                Map.of("date", date, "title", "A", "courseIds", List.of(), "stands", List.of(), "riders", List.of()));
    }

    private static List<String> dates(JsonNode days) {
        return days.valueStream().map(d -> d.get("date").asString()).toList();
    }

    /** Two days of each date, so that a page ends between days of one. */
    @Test
    void listsDaysInPagesNewestFirst() {
        LocalDate first = LocalDate.of(2025, 3, 1);
        for (int i = 0; i < 101; i++) {
            day(first.plusDays(i / 2));
        }
        JsonNode newest = APP.get("/api/days").body();
        assertThat(newest).hasSize(100);
        assertThat(dates(newest)).isSortedAccordingTo(Comparator.reverseOrder());
        JsonNode older =
                APP.get("/api/days?before=" + newest.get(99).get("id").asLong()).body();
        assertThat(dates(older)).containsExactly("2025-03-01");
        JsonNode middle =
                APP.get("/api/days?before=" + newest.get(49).get("id").asLong()).body();
        assertThat(middle).hasSize(51);
        assertThat(middle.get(0)).isEqualTo(newest.get(50));
    }

    @Test
    void refusesPlaceOfDayThatIsNotThere() {
        assertThat(APP.get("/api/days?before=4711").status()).isEqualTo(404);
        assertThat(APP.get("/api/days?before=monday").status()).isEqualTo(400);
    }
}
