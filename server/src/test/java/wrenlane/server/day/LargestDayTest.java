package wrenlane.server.day;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.RunningApp;

/** The largest day there can be: asked for in pieces, every answer is whole in the end. */
class LargestDayTest {
    private static final int RIDERS = 60;
    private static final int COURSES = 20;

    @RegisterExtension
    static final RunningApp APP = RunningApp.apart();

    private static long made(String path, Object request) {
        RunningApp.Answer answer = APP.post(path, request);
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(201);
        return answer.body().get("id").asLong();
    }

    private static long day(int riders, int courses) {
        List<Long> courseIds = new ArrayList<>();
        for (int i = 0; i < courses; i++) {
            courseIds.add(made("/api/courses", Courses.box(7 + 0.05 * i)));
        }
        List<Long> machines = List.of(
                made("/api/machines", Courses.machine("Twin")), made("/api/machines", Courses.machine("Trail")));
        List<Map<String, Object>> ridden = new ArrayList<>();
        for (int i = 0; i < riders; i++) {
            ridden.add(Map.of(
                    "riderId", made("/api/riders", Courses.rider("Rider " + i)), "machineId", machines.get(i % 2)));
        }
        Map<String, Object> day = new HashMap<>(Map.of(
                "date",
                "2026-05-14",
                "title",
                "The largest",
                "courseIds",
                courseIds,
                "stands",
                List.of(),
                "riders",
                ridden));
        return made("/api/days", day);
    }

    @Test
    void everyAnswerIsWholeInTheEnd() {
        long day = day(RIDERS, COURSES);
        JsonNode group = APP.finished("/api/days/" + day + "/group");
        assertThat(group.get("courses")).hasSize(COURSES);
        assertThat(group.at("/courses/" + (COURSES - 1) + "/riders")).hasSize(RIDERS);
        for (String page : List.of("/briefing", "/lesson", "/debrief")) {
            assertThat(APP.finished("/api/days/" + day + page)).as(page).isNotNull();
        }
    }
}
