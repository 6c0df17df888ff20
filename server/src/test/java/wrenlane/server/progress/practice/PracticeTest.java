package wrenlane.server.progress.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.RunningApp;
import wrenlane.server.fixture.SingleRiderDay;

/** What riders practised alone: told, counted with less weight, and taken away. */
class PracticeTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private SingleRiderDay there;

    @BeforeEach
    void aDay() {
        there = SingleRiderDay.on(APP);
    }

    private String practice() {
        return "/api/riders/" + there.rider() + "/practice";
    }

    private Map<String, Object> told(int leftClean, int leftRuns) {
        Map<String, Object> told = new HashMap<>();
        told.put("kind", "u-turn-box");
        told.put("machineId", there.machine());
        told.put("on", "2026-05-12");
        told.put("minutes", 10);
        told.put("setting", Courses.length(7.2));
        told.put("left", Map.of("runs", leftRuns, "clean", leftClean));
        told.put("right", Map.of("runs", 0, "clean", 0));
        told.put("note", " behind the  old boathouse ");
        return told;
    }

    private void ridden(int runs) {
        for (int i = 0; i < runs; i++) {
            Map<String, Object> run = there.run(i % 2 == 0 ? "LEFT" : "RIGHT", 7.2);
            run.put("loggedAt", SingleRiderDay.at(i));
            there.ride(run);
        }
    }

    private JsonNode left() {
        return APP.get("/api/riders/" + there.rider() + "/progress").body().at("/riderSizes/left");
    }

    /** Clean practice makes the estimate harder; taken away, nothing is left of it. */
    @Test
    void itCountsForLessAndIsTakenAwayWithoutTrace() {
        ridden(15);
        JsonNode before = left();
        long told = SingleRiderDay.id(APP.post(practice(), told(9, 9)));
        JsonNode with = left();
        assertThat(with.get("difficulty").asDouble())
                .isGreaterThan(before.get("difficulty").asDouble());
        assertThat(APP.delete(practice() + "/" + told).status()).isEqualTo(204);
        assertThat(left()).isEqualTo(before);
        assertThat(APP.delete(practice() + "/" + told).status()).isEqualTo(404);
    }

    @Test
    void itIsListedTheLatestFirstAndIsPartOfWhatIsKept() {
        Map<String, Object> later = told(1, 3);
        later.put("on", "2026-05-13");
        SingleRiderDay.id(APP.post(practice(), told(3, 3)));
        SingleRiderDay.id(APP.post(practice(), later));
        JsonNode listed = APP.get(practice() + "?kind=u-turn-box").body();
        assertThat(listed.valueStream().map(p -> p.at("/practice/on").asString()))
                .containsExactly("2026-05-13", "2026-05-12");
        assertThat(listed.get(0).get("machineName").asString()).isEqualTo("300 twin");
        assertThat(listed.get(0).at("/practice/note").asString()).isEqualTo("behind the old boathouse");
        assertThat(APP.get(practice() + "?kind=circle").body()).isEmpty();
        assertThat(APP.get("/api/riders/" + there.rider() + "/records")
                        .body()
                        .get("practice")
                        .asInt())
                .isEqualTo(2);
        assertThat(APP.get("/api/riders/" + there.rider() + "/records.json")
                        .body()
                        .at("/practice/0/leftRuns")
                        .asInt())
                .isEqualTo(3);
        RunningApp.Answer used = APP.send(
                "DELETE",
                "/api/machines/" + there.machine(),
                "",
                "If-Match",
                APP.version("/api/machines/" + there.machine()));
        assertThat(used.status()).isEqualTo(409);
        assertThat(used.raw().body()).contains("2 practices");
    }

    @Test
    void whatCannotBeIsRefusedWithItsPlace() {
        Map<String, Object> tomorrow = told(1, 3);
        tomorrow.put("on", "2999-01-01");
        Map<String, Object> narrow = told(1, 3);
        narrow.put("setting", Courses.length(0.5));
        Map<String, Object> unset = told(1, 3);
        unset.remove("setting");
        refused(tomorrow, "\"on\"");
        refused(narrow, "widthMetres");
        refused(unset, "\"setting\"");
        refused(told(4, 3), "\"left.clean\"");
        assertThat(APP.get(practice() + "?kind=u-turn-box").body()).isEmpty();
    }

    private void refused(Map<String, Object> told, String where) {
        RunningApp.Answer answer = APP.post(practice(), told);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.raw().body()).contains(where);
    }
}
