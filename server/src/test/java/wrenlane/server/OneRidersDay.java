package wrenlane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** A day with one rider, one machine and one course: what most tests of runs begin with. */
record OneRidersDay(RunningApp app, long machine, long rider, long course, long day) {
    /** A novice on a 300 twin, and a box of 7.2 m. */
    static OneRidersDay on(RunningApp app) {
        long machine = id(app.post("/api/machines", Courses.machine("300 twin")));
        long rider = id(app.post("/api/riders", Courses.rider("Ada Testwick")));
        long course = id(app.post("/api/courses", Courses.box(7.2)));
        Map<String, Object> wanted = new HashMap<>();
        wanted.put("date", "2026-05-14");
        wanted.put("title", "A day");
        wanted.put("courseIds", List.of(course));
        wanted.put("stands", List.of());
        wanted.put("riders", List.of(Map.of("riderId", rider, "machineId", machine)));
        return new OneRidersDay(app, machine, rider, course, id(app.post("/api/days", wanted)));
    }

    /** The number of what was just made. */
    static long id(RunningApp.Answer created) {
        assertThat(created.status()).as(created.raw().body()).isEqualTo(201);
        return created.body().get("id").asLong();
    }

    /** A run at nine in the morning, as it would be sent. */
    Map<String, Object> run(String side, double setting, String... faults) {
        Map<String, Object> run = new HashMap<>();
        run.put("dayId", day);
        run.put("riderId", rider);
        run.put("machineId", machine);
        run.put("courseId", course);
        run.put("side", side);
        run.put("settingMetres", setting);
        run.put("faults", List.of(faults));
        run.put("loggedAt", at(0));
        return run;
    }

    /** So many minutes after nine, less than an hour. */
    static String at(int minutes) {
        return String.format("2026-05-14T09:%02d:00Z", minutes);
    }

    /** Stores a run. */
    void ride(Map<String, Object> run) {
        RunningApp.Answer stored = app.put("/api/runs/" + UUID.randomUUID(), run);
        assertThat(stored.status()).as(stored.raw().body()).isEqualTo(200);
    }
}
