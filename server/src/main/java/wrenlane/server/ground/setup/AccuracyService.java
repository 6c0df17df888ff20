package wrenlane.server.ground.setup;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;
import wrenlane.course.Course;
import wrenlane.riding.Ride;
import wrenlane.server.course.difficulty.CourseDifficulty;
import wrenlane.server.course.evaluation.EvaluationService;
import wrenlane.server.course.evaluation.ReckonRequest;
import wrenlane.server.course.evaluation.RiddenCourse;
import wrenlane.server.platform.calculation.Kept;
import wrenlane.server.platform.calculation.Rank;
import wrenlane.server.platform.calculation.Reckoning;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.setout.SetOutAccuracy;
import wrenlane.setout.SetOutAccuracy.RoomError;
import wrenlane.units.LengthSystem;
import wrenlane.verdict.Ladder;

/** What the way of measuring does to the room, reckoned rung by rung; what is reckoned is kept, and not lost with the time. */
@Service
class AccuracyService {
    private static final long MOST_BYTES = 4_000_000;

    private final Kept<RiddenCourse, RoomError> errors = Kept.within(MOST_BYTES, of -> 2 * of.bytes());
    private final Kept<RiddenCourse, Double> shares = Kept.within(MOST_BYTES, RiddenCourse::bytes);
    private final EvaluationService evaluations;
    private final CourseDifficulty difficulty;
    private final Reckoning reckoning;

    AccuracyService(EvaluationService evaluations, CourseDifficulty difficulty, Reckoning reckoning) {
        this.evaluations = evaluations;
        this.difficulty = difficulty;
        this.reckoning = reckoning;
    }

    /**
     * As much of it as there was time for.
     *
     * @param finished how many of its parts are reckoned; asked again, it goes on from there
     * @param parts how many there are
     */
    record Accuracy(SetOutAccuracy accuracy, int finished, int parts) {}

    Accuracy accuracy(ReckonRequest request) {
        Long machineId = request.machineId();
        if (machineId == null) {
            throw RefusedException.of("no-machine", "machineId", "Choose the machine whose room is asked for.");
        }
        Course course = request.course().course();
        Ride ride = evaluations.ride(request, machineId);
        return reckoning.whole(Rank.MANY, "the clearance at each size", () -> reckoned(course, ride));
    }

    private Accuracy reckoned(Course course, Ride ride) {
        RoomError here = error(course, ride);
        List<Course> rungs = SetOutAccuracy.atRungs(
                course,
                difficulty.ladder(course, ride.turn(), LengthSystem.METRIC).rungs().stream()
                        .map(Ladder.Rung::settingMetres)
                        .toList());
        List<RoomError> known =
                reckoning
                        .parts(
                                Rank.MANY,
                                rungs.stream()
                                        .map(c -> (Supplier<RoomError>) () -> error(c, ride))
                                        .toList())
                        .stream()
                        .flatMap(Optional::stream)
                        .toList();
        Optional<Double> share = here.spareMetres() > 0
                ? reckoning
                        .parts(Rank.MANY, List.<Supplier<Double>>of(() -> share(course, ride)))
                        .get(0)
                : Optional.of(0.0);
        return new Accuracy(
                SetOutAccuracy.of(course, here, known, share.orElse(0.0)),
                1 + known.size() + (share.isPresent() ? 1 : 0),
                2 + rungs.size());
    }

    private RoomError error(Course course, Ride ride) {
        return errors.get(new RiddenCourse(course, ride), () -> SetOutAccuracy.at(course, ride));
    }

    private Double share(Course course, Ride ride) {
        return shares.get(new RiddenCourse(course, ride), () -> SetOutAccuracy.share(course, ride));
    }
}
