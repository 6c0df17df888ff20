package wrenlane.server.ground.setup;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;
import wrenlane.course.Course;
import wrenlane.riding.Ride;
import wrenlane.server.course.difficulty.CourseDifficulty;
import wrenlane.server.course.evaluation.CalculationRequest;
import wrenlane.server.course.evaluation.CourseQuery;
import wrenlane.server.course.evaluation.EvaluationService;
import wrenlane.server.platform.calculation.BoundedCache;
import wrenlane.server.platform.calculation.ComputeScheduler;
import wrenlane.server.platform.calculation.Priority;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.setup.SetupAccuracy;
import wrenlane.setup.SetupAccuracy.ClearanceError;
import wrenlane.units.LengthSystem;
import wrenlane.verdict.SizeLadder;

/** What the way of measuring does to the room, computed size by size; what is computed is kept, and not lost with the time. */
@Service
class AccuracyService {
    private static final long MOST_BYTES = 4_000_000;

    private final BoundedCache<CourseQuery, ClearanceError> errors =
            BoundedCache.within(MOST_BYTES, of -> 2 * of.bytes());
    private final BoundedCache<CourseQuery, Double> shares = BoundedCache.within(MOST_BYTES, CourseQuery::bytes);
    private final EvaluationService evaluations;
    private final CourseDifficulty difficulty;
    private final ComputeScheduler scheduler;

    AccuracyService(EvaluationService evaluations, CourseDifficulty difficulty, ComputeScheduler scheduler) {
        this.evaluations = evaluations;
        this.difficulty = difficulty;
        this.scheduler = scheduler;
    }

    /**
     * As much of it as there was time for.
     *
     * @param finished how many of its parts are computed; asked again, it goes on from there
     * @param parts how many there are
     */
    record Accuracy(SetupAccuracy accuracy, int finished, int parts) {}

    Accuracy accuracy(CalculationRequest request) {
        Long machineId = request.machineId();
        if (machineId == null) {
            throw RefusedException.of("no-machine", "machineId", "Choose the machine whose clearance is asked for.");
        }
        Course course = request.course().course();
        Ride ride = evaluations.ride(request, machineId);
        return scheduler.whole(Priority.MANY, "the clearance at each size", () -> computed(course, ride));
    }

    private Accuracy computed(Course course, Ride ride) {
        ClearanceError here = error(course, ride);
        List<Course> sizes = SetupAccuracy.atSizes(
                course,
                difficulty.ladder(course, ride.turn(), LengthSystem.METRIC).sizes().stream()
                        .map(SizeLadder.SizeStep::settingMetres)
                        .toList());
        List<ClearanceError> known = scheduler
                .parts(
                        Priority.MANY,
                        sizes.stream()
                                .map(c -> (Supplier<ClearanceError>) () -> error(c, ride))
                                .toList())
                .stream()
                .flatMap(Optional::stream)
                .toList();
        Optional<Double> share = here.spareMetres() > 0
                ? scheduler
                        .parts(Priority.MANY, List.<Supplier<Double>>of(() -> share(course, ride)))
                        .get(0)
                : Optional.of(0.0);
        return new Accuracy(
                SetupAccuracy.of(course, here, known, share.orElse(0.0)),
                1 + known.size() + (share.isPresent() ? 1 : 0),
                2 + sizes.size());
    }

    private ClearanceError error(Course course, Ride ride) {
        return errors.get(new CourseQuery(course, ride), () -> SetupAccuracy.at(course, ride));
    }

    private Double share(Course course, Ride ride) {
        return shares.get(new CourseQuery(course, ride), () -> SetupAccuracy.share(course, ride));
    }
}
