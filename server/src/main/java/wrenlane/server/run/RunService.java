package wrenlane.server.run;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wrenlane.course.Course;
import wrenlane.course.CourseSettings;
import wrenlane.finding.Checks;
import wrenlane.machine.MachineTurn;
import wrenlane.run.RunRecord;
import wrenlane.server.course.CourseLimits;
import wrenlane.server.course.CourseResponse;
import wrenlane.server.course.CourseService;
import wrenlane.server.http.ConflictException;
import wrenlane.server.http.NotFoundException;
import wrenlane.server.http.RefusedException;
import wrenlane.server.machine.MachineService;
import wrenlane.server.rider.RiderService;

/** Runs as stored. A run is stored once, however often it is sent, and never changes afterwards. */
@Service
public class RunService {
    /** How far a page's clock may be ahead of ours. */
    private static final Duration CLOCK_AHEAD = Duration.ofDays(1);

    private static final Pattern ID = Pattern.compile("[0-9A-Za-z-]{8,64}");

    private final RunMapper mapper;
    private final CourseService courses;
    private final MachineService machines;
    private final RiderService riders;
    private final CourseLimits limits;
    private final Clock clock;

    RunService(
            RunMapper mapper,
            CourseService courses,
            MachineService machines,
            RiderService riders,
            CourseLimits limits,
            Clock clock) {
        this.mapper = mapper;
        this.courses = courses;
        this.machines = machines;
        this.riders = riders;
        this.limits = limits;
        this.clock = clock;
    }

    /** Stores a run, or gives the one already stored under this id. */
    @Transactional
    public RunResponse put(String id, RunRequest request) {
        check(id, request);
        RunRow row = row(id, request, ridden(request), false);
        Optional<RunRow> stored = mapper.find(id);
        if (stored.isEmpty()) {
            mapper.insert(row);
        } else if (!stored.get().says(row)) {
            throw new ConflictException("Another run is stored under this id. Nothing was changed.");
        }
        return mapper.find(id).map(RunRow::response).orElseThrow(() -> new NotFoundException("run", id));
    }

    /** Stores new runs of one virtual rider on one course and machine, by their ids, marked as simulated. */
    @Transactional
    public void putSimulated(Map<String, RunRequest> runs) {
        Optional<Ridden> ridden = runs.values().stream().findFirst().map(this::ridden);
        ridden.ifPresent(r -> runs.forEach((id, request) -> {
            check(id, request);
            mapper.insert(row(id, request, r, true));
        }));
    }

    /** What a run is ridden on: what it keeps of the course, and the machine's limit as reckoned now. */
    private record Ridden(CourseResponse course, MachineTurn turn) {}

    private Ridden ridden(RunRequest request) {
        riders.get(request.riderId());
        return new Ridden(courses.get(request.courseId()), machines.turn(request.machineId()));
    }

    /** Undoes a run: it stays on record as withdrawn, so that sending it again does not bring it back. */
    @Transactional
    public void withdraw(String id) {
        if (mapper.find(id).isEmpty()) {
            throw new NotFoundException("run", id);
        }
        mapper.withdraw(id, clock.instant().toString());
    }

    /** Runs of a rider that still count, oldest first. */
    public List<RunResponse> ofRider(long riderId) {
        return mapper.ofRider(riderId).stream().map(RunRow::response).toList();
    }

    /** Runs of a rider on one day that still count, oldest first. */
    public List<RunResponse> ofRiderOnDay(long riderId, long dayId) {
        return mapper.ofRiderOnDay(riderId, dayId).stream()
                .map(RunRow::response)
                .toList();
    }

    /** Runs of a day that still count. */
    public int countOnDay(long dayId) {
        return mapper.countOnDay(dayId);
    }

    /** For the core to reckon with. */
    public static RunRecord record(RunResponse run) {
        return new RunRecord(
                run.side(), run.settingMetres(), run.limitMetres(), Set.copyOf(run.faults()), run.loggedAt());
    }

    private void check(String id, RunRequest request) {
        Checks checks = new Checks();
        if (!ID.matcher(id).matches()) {
            checks.add("run-id", "id", "A run's id is 8 to 64 letters, digits or hyphens.");
        }

        if (request.loggedAt().isAfter(clock.instant().plus(CLOCK_AHEAD))
                || request.loggedAt().getEpochSecond() < 0) {
            checks.add("logged-at", "loggedAt", "The time of the run is not possible. Check the clock of this device.");
        }
        RefusedException.unlessNone(checks);
    }

    private RunRow row(String id, RunRequest request, Ridden ridden, boolean simulated) {
        Course course = ridden.course().course();
        RefusedException.unlessNone(new Checks().add(course.kind().ladder().check(request.settingMetres())));
        return new RunRow(
                id,
                request.dayId(),
                request.riderId(),
                request.machineId(),
                request.courseId(),
                ridden.course().name(),
                course.kind().id(),
                request.side().name(),
                request.settingMetres(),
                settings(course),
                limits.limitMetres(course, ridden.turn(), request.side()),
                RunRow.joined(request.faults()),
                request.loggedAt().toString(),
                simulated,
                null);
    }

    private static String settings(Course course) {
        CourseSettings s = course.settings();
        return Stream.concat(
                        s.dimensions().entrySet().stream()
                                .filter(e -> !e.getKey()
                                        .equals(course.kind().ladder().name()))
                                .map(e -> e.getKey() + "=" + e.getValue()),
                        s.options().entrySet().stream().map(e -> e.getKey() + "=" + e.getValue()))
                .sorted()
                .collect(Collectors.joining("\n"));
    }
}
