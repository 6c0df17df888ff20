package wrenlane.server.day.tick;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import wrenlane.server.fixture.RunningApp;
import wrenlane.server.fixture.SingleRiderDay;

/** Cones ticked on one device stand on all, however often or late a tick is sent. */
class TicksTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    @Test
    void ticksAreTheDaysAndTheCourses() {
        SingleRiderDay there = SingleRiderDay.on(APP);
        String path = "/api/days/" + there.day() + "/courses/" + there.course() + "/ticks";
        assertThat(APP.get(path).body().size()).isZero();
        for (String label : new String[] {"B", "A", "B"}) {
            assertThat(APP.send("PUT", path + "/" + label, "").status()).isEqualTo(204);
        }
        assertThat(APP.get(path).body().toString()).isEqualTo("[\"A\",\"B\"]");
        assertThat(APP.send("DELETE", path + "/A", "").status()).isEqualTo(204);
        assertThat(APP.send("DELETE", path + "/A", "").status()).isEqualTo(204);
        assertThat(APP.get(path).body().toString()).isEqualTo("[\"B\"]");
        assertThat(APP.get("/api/days/999999/courses/" + there.course() + "/ticks")
                        .status())
                .isEqualTo(404);
        assertThat(APP.send("PUT", path + "/a%20b", "").status()).isEqualTo(400);
    }

    @Test
    void goWithTheirDay() {
        SingleRiderDay there = SingleRiderDay.on(APP);
        String day = "/api/days/" + there.day();
        APP.send("PUT", day + "/courses/" + there.course() + "/ticks/A", "");
        assertThat(APP.delete(day).status()).isEqualTo(204);
        assertThat(APP.get(day + "/courses/" + there.course() + "/ticks").status())
                .isEqualTo(404);
    }
}
