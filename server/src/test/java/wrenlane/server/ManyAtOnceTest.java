package wrenlane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.RunningApp;

/** Several devices on one yard log at the same time: every run is stored once, none is refused for being late. */
class ManyAtOnceTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private static final int DEVICES = 6;

    private long machine;
    private long rider;
    private long course;
    private long day;

    @BeforeEach
    void aDay() {
        machine = APP.post("/api/machines", Courses.machine("300 twin"))
                .body()
                .get("id")
                .asLong();
        rider = APP.post("/api/riders", Courses.rider("Ada Testwick"))
                .body()
                .get("id")
                .asLong();
        course = APP.post("/api/courses", Courses.box(7.2)).body().get("id").asLong();
        Map<String, Object> request = Map.of(
                "date",
                "2026-05-14",
                "title",
                "A day",
                "courseIds",
                List.of(course),
                "stands",
                List.of(),
                "riders",
                List.of(Map.of("riderId", rider, "machineId", machine)));
        day = APP.post("/api/days", request).body().get("id").asLong();
    }

    private int log(String id) {
        Map<String, Object> run = Map.of(
                "dayId",
                day,
                "riderId",
                rider,
                "machineId",
                machine,
                "courseId",
                course,
                "side",
                "LEFT",
                "settingMetres",
                7.2,
                "faults",
                List.of(),
                "loggedAt",
                "2026-05-14T09:00:00Z");
        return APP.put("/api/runs/" + id, run).status();
    }

    private List<Integer> atOnce(int count, java.util.function.IntFunction<String> id) throws Exception {
        ExecutorService devices = Executors.newFixedThreadPool(DEVICES);
        try {
            List<Callable<Integer>> jobs = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                String name = id.apply(i);
                jobs.add(() -> log(name));
            }
            List<Integer> statuses = new ArrayList<>();
            for (Future<Integer> done : devices.invokeAll(jobs)) {
                statuses.add(done.get());
            }
            return statuses;
        } finally {
            devices.shutdown();
        }
    }

    private int stored() {
        return APP.get("/api/riders/" + rider + "/progress")
                .body()
                .at("/left/runs")
                .asInt();
    }

    @Test
    void everyRunOfEveryDeviceIsStored() throws Exception {
        assertThat(atOnce(60, i -> "device-run-" + day + "-" + i)).containsOnly(200);
        assertThat(stored()).isEqualTo(60);
    }

    @Test
    void oneRunSentByEveryRetryAtOnceIsStoredOnce() throws Exception {
        assertThat(atOnce(24, i -> "same-run-" + day)).containsOnly(200);
        assertThat(stored()).isEqualTo(1);
    }
}
