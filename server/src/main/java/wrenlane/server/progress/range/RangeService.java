package wrenlane.server.progress.range;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wrenlane.coaching.Causes;
import wrenlane.coaching.advice.Advice;
import wrenlane.coaching.advice.CoachingRules;
import wrenlane.coaching.advice.CoachingSettings;
import wrenlane.course.Course;
import wrenlane.course.Sizes;
import wrenlane.id.CourseId;
import wrenlane.id.DayId;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.rider.Rider;
import wrenlane.run.Run;
import wrenlane.server.course.CourseService;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.platform.calculation.ComputeScheduler;
import wrenlane.server.platform.calculation.Priority;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.progress.RiderRuns;
import wrenlane.server.progress.RiderSizes;
import wrenlane.server.progress.RiderSizesService;
import wrenlane.server.progress.cause.CauseService;
import wrenlane.server.progress.run.RunRepository;
import wrenlane.server.progress.run.RunResponse;
import wrenlane.units.LengthSystem;

/** What the range is told of a rider: today's runs on a course, and what the next might be. */
@Service
class RangeService {
    /** Most runs of a day that the range is told of; chosen by us: more than anybody rides a course in a day. */
    private static final int SHOWN = 60;

    private final RunRepository runs;
    private final RiderService riders;
    private final MachineService machines;
    private final CourseService courses;
    private final RiderSizesService sizesOfRiders;
    private final CauseService causes;
    private final Storage storage;
    private final ComputeScheduler scheduler;

    RangeService(
            RunRepository runs,
            RiderService riders,
            MachineService machines,
            CourseService courses,
            RiderSizesService sizesOfRiders,
            CauseService causes,
            Storage storage,
            ComputeScheduler scheduler) {
        this.runs = runs;
        this.riders = riders;
        this.machines = machines;
        this.courses = courses;
        this.sizesOfRiders = sizesOfRiders;
        this.causes = causes;
        this.storage = storage;
        this.scheduler = scheduler;
    }

    /** What is read of one state of the data. */
    private record RangeInput(
            Course course, Rider rider, MachineTurn turn, RiderRuns latest, List<Run> today, Causes causes) {}

    /** A rider on a day, a course and a machine, with advice for the next run at a setting. */
    RangeResponse range(
            long dayId,
            long riderId,
            long courseId,
            long machineId,
            @Nullable Double settingMetres,
            LengthSystem system) {
        RangeInput asked = storage.read(() -> {
            Course course = courses.get(courseId).course();
            return new RangeInput(
                    course,
                    riders.get(riderId),
                    machines.turn(machineId),
                    sizesOfRiders.latest(riderId, course.kind()),
                    runs.latestOfDay(riderId, dayId, courseId, SHOWN),
                    causes.causes());
        });
        List<Run> today = asked.today();
        RiderSizes riderSizes = scheduler.whole(
                Priority.ONE,
                "the sizes of this course",
                () -> sizesOfRiders.riderSizes(asked.rider(), asked.turn(), asked.course(), asked.latest(), system));
        if (settingMetres == null) {
            return new RangeResponse(
                    riderSizes, shown(today), unscored(asked, dayId, courseId), null, null, null, null, null, null);
        }
        // Advice looks at sides and faults alone.
        List<Run> here = today.stream()
                .filter(r -> r.isScored() && r.isAt(settingMetres))
                .toList();
        if (asked.course().kind().isStraight()) {
            Advice next = CoachingRules.USUAL.adviseStraight(here);
            return new RangeResponse(riderSizes, shown(today), List.of(), next, next, null, null, null, null);
        }
        boolean isNew = isNew(asked, dayId, courseId, settingMetres);
        Advice left = advice(asked, riderSizes, here, isNew, Side.LEFT, settingMetres);
        Advice right = advice(asked, riderSizes, here, isNew, Side.RIGHT, settingMetres);
        return new RangeResponse(
                riderSizes,
                shown(today),
                unscored(asked, dayId, courseId),
                left,
                right,
                back(asked, left, Side.LEFT),
                back(asked, right, Side.RIGHT),
                riderSizes.chances().at(Side.LEFT, settingMetres).orElse(null),
                riderSizes.chances().at(Side.RIGHT, settingMetres).orElse(null));
    }

    /** By the rules, as the estimate bears it out. */
    private static Advice advice(
            RangeInput asked, RiderSizes riderSizes, List<Run> here, boolean isNew, Side side, double settingMetres) {
        return asked.latest()
                .aim()
                .heldBack(
                        CoachingRules.USUAL.advise(here, isNew, side),
                        settingMetres,
                        riderSizes.ladder(),
                        riderSizes.chances()::less);
    }

    private static @Nullable Remedy back(RangeInput asked, Advice advice, Side side) {
        return advice.move() != Advice.Move.WIDEN
                ? null
                : asked.causes()
                        .latest(asked.today().stream()
                                .filter(r -> r.isTo(side) && r.isScored())
                                .toList())
                        .map(Remedy::of)
                        .orElse(null);
    }

    private static boolean isNew(RangeInput asked, long dayId, long courseId, double settingMetres) {
        return asked.latest().runs().stream()
                .noneMatch(
                        r -> !r.isOfDay(new DayId(dayId)) && r.isOn(new CourseId(courseId)) && r.isAt(settingMetres));
    }

    /** Today's runs that are the first at a setting new to the rider, and so not scored. */
    private static List<String> unscored(RangeInput asked, long dayId, long courseId) {
        if (asked.course().kind().isStraight()) {
            return List.of();
        }
        List<Run> scored = asked.today().stream().filter(Run::isScored).toList();
        return Sizes.grouped(scored, r -> r.sizeMetres().orElseThrow()).stream()
                .filter(at ->
                        isNew(asked, dayId, courseId, at.get(0).sizeMetres().orElseThrow()))
                .flatMap(at -> at.stream().limit(CoachingSettings.USUAL.unscored()))
                .map(r -> r.id().value())
                .toList();
    }

    private static List<RunResponse> shown(List<Run> today) {
        return today.stream().map(RunResponse::of).toList();
    }
}
