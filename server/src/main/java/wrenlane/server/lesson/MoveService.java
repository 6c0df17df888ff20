package wrenlane.server.lesson;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import wrenlane.course.NamedCourse;
import wrenlane.course.NestedCourse;
import wrenlane.course.Sizes;
import wrenlane.day.Day;
import wrenlane.day.DayRider;
import wrenlane.finding.Checks;
import wrenlane.id.CourseId;
import wrenlane.id.RiderId;
import wrenlane.lesson.LiveLesson;
import wrenlane.lesson.MoveMoment;
import wrenlane.rider.Rider;
import wrenlane.run.Run;
import wrenlane.server.course.CourseService;
import wrenlane.server.day.DayService;
import wrenlane.server.lesson.live.LiveLessonRepository;
import wrenlane.server.lesson.live.LiveLessonService;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.platform.calculation.ComputeScheduler;
import wrenlane.server.platform.calculation.Priority;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.progress.run.RunRepository;
import wrenlane.setup.Baseline;
import wrenlane.setup.Changeover;
import wrenlane.setup.SetupSheet;
import wrenlane.units.LengthSystem;

/** What moving cones for one rider costs the group. */
@Service
class MoveService {
    private final DayService days;
    private final CourseService courses;
    private final RunRepository runs;
    private final RiderService riders;
    private final LiveLessonRepository running;
    private final Storage storage;
    private final ComputeScheduler scheduler;
    private final Clock clock;

    MoveService(
            DayService days,
            CourseService courses,
            RunRepository runs,
            RiderService riders,
            LiveLessonRepository running,
            Storage storage,
            ComputeScheduler scheduler,
            Clock clock) {
        this.days = days;
        this.courses = courses;
        this.runs = runs;
        this.riders = riders;
        this.running = running;
        this.storage = storage;
        this.scheduler = scheduler;
        this.clock = clock;
    }

    /** What is read of one state of the data. */
    private record MoveInput(
            NamedCourse course,
            NestedCourse stands,
            List<Run> runs,
            Optional<LiveLesson> lesson,
            Map<String, String> names) {}

    /**
     * The cost, and the moment.
     *
     * @param to settings it would stand at, in metres
     */
    MoveCost cost(long dayId, long courseId, long riderId, List<Double> to, LengthSystem system) {
        MoveInput read = storage.read(() -> read(dayId, courseId));
        RefusedException.unlessNone(
                new Checks().addAll(NestedCourse.check(read.course().course(), to)));
        NestedCourse wanted = NestedCourse.of(read.course().course(), to);
        Changeover change = scheduler.whole(
                Priority.ONE,
                "this changeover",
                () -> Changeover.between(sheet(read.stands(), system), sheet(wanted, system), SetupSheet.DATUM));
        List<Double> goes = read.stands().settingsMetres().stream()
                .filter(s -> to.stream().noneMatch(t -> Sizes.areSame(s, t)))
                .toList();
        return new MoveCost(
                change.conesTouched(),
                change.walkedMetres(),
                change.minutes(),
                moment(read, courseId, riderId, goes).said(id -> read.names().getOrDefault(id, "somebody")));
    }

    private MoveMoment moment(MoveInput read, long courseId, long riderId, List<Double> goes) {
        return read.lesson()
                .filter(lesson -> !lesson.isOver())
                .map(lesson -> MoveMoment.during(
                        lesson,
                        String.valueOf(courseId),
                        goes,
                        String.valueOf(riderId),
                        read.runs().stream().map(LiveLessonService::ridden).toList(),
                        clock.instant()))
                .orElseGet(() -> MoveMoment.without(read.runs().stream()
                        .filter(r ->
                                r.isOn(new CourseId(courseId)) && !r.riderId().equals(new RiderId(riderId)))
                        .filter(r -> goes.stream().anyMatch(r::isAt))
                        .map(r -> r.riderId().toString())
                        .distinct()
                        .toList()));
    }

    private MoveInput read(long dayId, long courseId) {
        Day day = days.get(dayId);
        NamedCourse course = courses.get(courseId);
        return new MoveInput(
                course,
                day.nested(course),
                runs.ofDay(dayId),
                running.find(dayId),
                day.riders().stream()
                        .map(DayRider::riderId)
                        .map(riders::get)
                        .collect(Collectors.toMap(r -> String.valueOf(r.id()), Rider::name)));
    }

    private static SetupSheet sheet(NestedCourse course, LengthSystem system) {
        return SetupSheet.of(course, Baseline.ownCorner(course), SetupSheet.handyStep(system));
    }
}
