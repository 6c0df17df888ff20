package wrenlane.server.platform.version;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.RunningApp;

/** A stamp changes with whatever is written of its thing, and with nothing else; so nothing read under one is stale. */
class StampTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private long machine;
    private long rider;
    private long other;
    private long course;
    private long day;

    private static long id(RunningApp.Answer created) {
        assertThat(created.status()).as(created.raw().body()).isEqualTo(201);
        return created.body().get("id").asLong();
    }

    private static Stamp stamp(Stamps.Aggregate what, long id) {
        return APP.bean(Stamps.class).of(what, id);
    }

    @BeforeEach
    void aDay() {
        machine = id(APP.post("/api/machines", Courses.machine("300 twin")));
        rider = id(APP.post("/api/riders", Courses.rider("Ada Testwick")));
        other = id(APP.post("/api/riders", Courses.rider("Bea Testwick")));
        course = id(APP.post("/api/courses", Courses.box(7.2)));
        day = id(APP.post(
                "/api/days",
                Map.of(
                        "date",
                        "2026-05-14",
                        "title",
                        "A day",
                        "courseIds",
                        List.of(course),
                        "stands",
                        List.of(),
                        "riders",
                        List.of(
                                Map.of("riderId", rider, "machineId", machine),
                                Map.of("riderId", other, "machineId", machine)))));
    }

    private void log(String id, long by, String... faults) {
        RunningApp.Answer stored = APP.put(
                "/api/runs/" + id,
                Map.of(
                        "dayId",
                        day,
                        "riderId",
                        by,
                        "machineId",
                        machine,
                        "courseId",
                        course,
                        "side",
                        "LEFT",
                        "settingMetres",
                        7.2,
                        "faults",
                        List.of(faults),
                        "loggedAt",
                        "2026-05-14T09:00:00Z"));
        assertThat(stored.status()).as(stored.raw().body()).isEqualTo(200);
    }

    private double estimate() {
        return APP.get("/api/days/" + day + "/riders/" + rider + "/range?courseId=" + course + "&machineId=" + machine)
                .body()
                .at("/riderSizes/left/difficulty")
                .asDouble();
    }

    @Test
    void aRunStampsItsRiderAlone() {
        Stamp before = stamp(Stamps.Aggregate.RUNS_OF_RIDER, rider);
        Stamp others = stamp(Stamps.Aggregate.RUNS_OF_RIDER, other);
        log("stamp-one-" + day, rider);
        Stamp once = stamp(Stamps.Aggregate.RUNS_OF_RIDER, rider);
        APP.delete("/api/runs/stamp-one-" + day);
        Stamp undone = stamp(Stamps.Aggregate.RUNS_OF_RIDER, rider);
        assertThat(List.of(before, once, undone)).doesNotHaveDuplicates();
        assertThat(stamp(Stamps.Aggregate.RUNS_OF_RIDER, rider)).isEqualTo(undone);
        assertThat(stamp(Stamps.Aggregate.RUNS_OF_RIDER, other)).isEqualTo(others);
    }

    @Test
    void aMachineIsReadAnewOnceItIsChanged() {
        Stamp before = stamp(Stamps.Aggregate.MACHINE, machine);
        assertThat(APP.get("/api/machines/" + machine).body().get("name").asString())
                .isEqualTo("300 twin");
        APP.put("/api/machines/" + machine, Courses.machine("400 single"));
        assertThat(stamp(Stamps.Aggregate.MACHINE, machine)).isNotEqualTo(before);
        assertThat(APP.get("/api/machines/" + machine).body().get("name").asString())
                .isEqualTo("400 single");
    }

    /** The same numbers come again in what is restored, and never the same stamps for something else. */
    @Test
    void whatIsRestoredIsReadAnew() {
        // The first few are not scored, and a few more are needed for an estimate.
        for (int i = 0; i < 9; i++) {
            log("stamp-kept-" + i + "-" + day, rider);
        }
        double kept = estimate();
        String copy = APP.post("/api/copies", Map.of()).body().get("name").asString();
        log("stamp-later-" + day, rider);
        double more = estimate();
        assertThat(more).isPositive().isNotEqualTo(kept);
        assertThat(APP.post("/api/copies/restorations", Map.of("name", copy)).status())
                .isEqualTo(200);
        assertThat(estimate()).isEqualTo(kept);
        // As many runs as before the restoring, and another among them.
        log("stamp-other-" + day, rider, "LINE");
        assertThat(estimate()).isNotEqualTo(more).isNotEqualTo(kept);
    }
}
