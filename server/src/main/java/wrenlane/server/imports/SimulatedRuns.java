package wrenlane.server.imports;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import wrenlane.course.Course;
import wrenlane.finding.Checks;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.rideline.Ladder;
import wrenlane.server.course.CourseLimits;
import wrenlane.server.course.CourseService;
import wrenlane.server.day.DayRequest.DayRider;
import wrenlane.server.day.DayResponse;
import wrenlane.server.http.RefusedException;
import wrenlane.server.imports.ImportDocument.VirtualRiderItem;
import wrenlane.server.machine.MachineService;
import wrenlane.server.run.RunRequest;
import wrenlane.server.run.RunService;
import wrenlane.simulation.VirtualRider;

/** Lets virtual riders ride the past days of a file, and stores their runs, marked as simulated. */
@Component
class SimulatedRuns {
    private static final LocalTime FIRST_RUN = LocalTime.of(9, 20);

    /** Time from one run of a rider to the next, in seconds. */
    private static final int RUN_SECONDS = 150;

    private final MachineService machines;
    private final CourseService courses;
    private final CourseLimits limits;
    private final RunService runs;

    SimulatedRuns(MachineService machines, CourseService courses, CourseLimits limits, RunService runs) {
        this.machines = machines;
        this.courses = courses;
        this.limits = limits;
        this.runs = runs;
    }

    /** Rides every day before today, oldest first, and gives the number of runs. */
    int ride(List<DayResponse> days, Map<Long, VirtualRiderItem> riders, LocalDate today) {
        Map<Long, VirtualRider> virtual = new HashMap<>();
        riders.forEach((id, item) -> virtual.put(id, rider(item)));
        int count = 0;
        List<DayResponse> past = days.stream()
                .filter(d -> d.date().isBefore(today) && !d.courseIds().isEmpty())
                .sorted(Comparator.comparing(DayResponse::date))
                .toList();
        for (DayResponse day : past) {
            for (DayRider pair : day.riders()) {
                VirtualRiderItem item = riders.get(pair.riderId());
                VirtualRider rider = virtual.get(pair.riderId());
                if (item != null && rider != null) {
                    count += ride(day, pair, rider, item.runsPerDay());
                }
            }
        }
        return count;
    }

    private int ride(DayResponse day, DayRider pair, VirtualRider rider, int count) {
        MachineTurn turn = machines.turn(pair.machineId());
        Course course = courses.get(day.courseIds().get(0)).course();
        Ladder ladder = limits.ladder(course, turn);
        Instant first = day.date().atTime(FIRST_RUN).toInstant(ZoneOffset.UTC);
        Map<String, RunRequest> ridden = new LinkedHashMap<>();
        for (int i = 0; i < count; i++) {
            Side side = i % 2 == 0 ? Side.LEFT : Side.RIGHT;
            double setting = rider.choose(ladder, side).settingMetres();
            RunRequest request = new RunRequest(
                    day.id(),
                    pair.riderId(),
                    pair.machineId(),
                    day.courseIds().get(0),
                    side,
                    setting,
                    rider.ride(side, setting / limits.limitMetres(course, turn, side)),
                    first.plusSeconds((long) i * RUN_SECONDS));
            ridden.put(id(day.id(), pair.riderId(), i), request);
        }
        runs.putSimulated(ridden);
        return count;
    }

    private static String id(long dayId, long riderId, int index) {
        String name = "simulated/" + dayId + "/" + riderId + "/" + index;
        return UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8)).toString();
    }

    private static VirtualRider rider(VirtualRiderItem v) {
        String where = "virtualRiders." + v.rider();
        RefusedException.unlessNone(new Checks()
                .add(Checks.range(where, "bestTightness", v.bestTightness(), 0.6, 3, ""))
                .add(Checks.range(where, "startTightness", v.startTightness(), v.bestTightness(), 3, ""))
                .add(Checks.range(where, "weakBy", v.weakBy(), 0, 1, ""))
                .add(Checks.range(where, "learning", v.learning(), 0, 0.5, ""))
                .add(Checks.range(where, "runsPerDay", v.runsPerDay(), 0, 100, "")));
        return new VirtualRider(
                new VirtualRider.Skill(v.startTightness(), v.bestTightness(), v.weakSide(), v.weakBy(), v.learning()),
                v.seed());
    }
}
