package wrenlane.server.progress.run;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Component;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.course.NamedCourse;
import wrenlane.drill.Drill;
import wrenlane.finding.Checks;
import wrenlane.id.CourseId;
import wrenlane.id.RunId;
import wrenlane.run.CourseRide;
import wrenlane.run.Run;
import wrenlane.run.RunLog;
import wrenlane.server.course.CourseService;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.platform.problem.RefusedException;

/** Makes runs of requests: checks what they say, and looks up what they name. */
@Component
class RunFactory {
    private final RunRepository runs;
    private final CourseService courses;
    private final MachineService machines;
    private final RiderService riders;
    private final DrillLookup drills;
    private final Clock clock;

    RunFactory(
            RunRepository runs,
            CourseService courses,
            MachineService machines,
            RiderService riders,
            DrillLookup drills,
            Clock clock) {
        this.runs = runs;
        this.courses = courses;
        this.machines = machines;
        this.riders = riders;
        this.drills = drills;
        this.clock = clock;
    }

    /** Refuses what contradicts itself, whatever is stored. */
    void check(String id, RunRequest request) {
        Checks checks = new Checks();
        if (!RunId.isValid(id)) {
            checks.add("run-id", "id", "A run's id is 8 to 64 letters, digits or hyphens.");
        }
        checks.add(RunLog.checkDevice(request.deviceName()));
        checks.addAll(request.detail().check(request.faults()));
        checks.addAll(parts(request).findings());
        if (request.loggedAt().isAfter(RunLog.latestAt(clock.instant()))
                || request.loggedAt().getEpochSecond() < 0) {
            checks.add("logged-at", "loggedAt", "The time of the run is not possible. Check the clock of this device.");
        }
        RefusedException.unlessNone(checks);
    }

    /** The run that a request says, with what it names; refused where that is not there, or cannot be ridden so. */
    Run run(String id, RunRequest request) {
        riders.get(request.riderId());
        machines.require(request.machineId());
        Optional<Run> before = Optional.ofNullable(request.replaces()).flatMap(runs::find);
        Optional<Drill> drill = Optional.ofNullable(request.drillId()).map(this::drill);
        Optional<CourseSnapshot> course =
                Optional.ofNullable(request.courseId()).map(courseId -> course(courseId, before));
        RefusedException.unlessNone(place(request, drill, course));
        return new Run(
                new RunId(id),
                request.context(drill),
                course.map(c -> c.ride(request)),
                Optional.ofNullable(request.side()),
                request.faults(),
                request.detail(),
                log(request, before));
    }

    private static RunLog log(RunRequest request, Optional<Run> before) {
        return before.map(old -> new RunLog(
                        old.at(),
                        old.log().simulated(),
                        request.deviceName(),
                        Optional.of(new RunLog.Correction(old.id(), millis(request.loggedAt()))),
                        Optional.empty()))
                .orElseGet(() -> RunLog.first(millis(request.loggedAt()), false, request.deviceName()));
    }

    /** To the millisecond, as it is stored. */
    private static Instant millis(Instant at) {
        return at.truncatedTo(ChronoUnit.MILLIS);
    }

    private Drill drill(String id) {
        return drills.drill(id)
                .orElseThrow(() -> RefusedException.of(
                        "no-such-drill", "drillId", "This drill is no longer here. Choose another one."));
    }

    /** A course as a run keeps it, before it is known at which size and to which side it was ridden. */
    private record CourseSnapshot(long id, String name, Course course) {
        CourseRide ride(RunRequest request) {
            double size = Objects.requireNonNull(request.settingMetres(), "checked before");
            return CourseRide.of(new CourseId(id), name, size, course, Optional.ofNullable(request.side()));
        }
    }

    /** A course as it is set now, or as it was for the run that is corrected. */
    private CourseSnapshot course(long courseId, Optional<Run> before) {
        return before.flatMap(Run::ride)
                .filter(ride -> ride.courseId().value() == courseId)
                .map(ride -> new CourseSnapshot(courseId, ride.courseName(), ride.course()))
                .orElseGet(() -> {
                    NamedCourse course = courses.get(courseId);
                    return new CourseSnapshot(courseId, course.name(), course.course());
                });
    }

    /** What a request lacks, or has too much, whatever drill and course it names. */
    private static Checks parts(RunRequest request) {
        Checks checks = new Checks();
        boolean onCourse = request.courseId() != null;
        if (!onCourse && request.drillId() == null) {
            checks.add("nothing-ridden", "courseId", "Say which drill was ridden, or on which course.");
        }
        if (!onCourse && request.settingMetres() != null) {
            checks.add("size-without-course", "settingMetres", "A run without a course has no size.");
        }
        if (onCourse && request.settingMetres() == null) {
            checks.add("size-missing", "settingMetres", "Say at which size the course was ridden.");
        }
        return checks;
    }

    /** What is wrong with where a run was ridden, at which size and to which side. */
    private static Checks place(RunRequest request, Optional<Drill> drill, Optional<CourseSnapshot> course) {
        Checks checks = new Checks();
        drill.ifPresent(d -> checks.addAll(
                d.checkRun(course.map(c -> c.course().kind().id()), Optional.ofNullable(request.side()))));
        Double size = request.settingMetres();
        if (course.isPresent() && size != null) {
            CourseKind kind = course.get().course().kind();
            checks.add(kind.ladder().check(size));
            if (request.side() == null && !kind.isStraight()) {
                checks.add("side-missing", "side", "A run on this course has a side: the first it turns to.");
            }
        }
        return checks;
    }
}
