package wrenlane.server.course;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wrenlane.course.Course;
import wrenlane.course.CourseKind.Turning;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.rideline.CourseFit;
import wrenlane.rideline.FitAnswer;
import wrenlane.rideline.Ladder;
import wrenlane.rideline.Ride;
import wrenlane.rideline.TightestSetting;
import wrenlane.rider.RiderLevel;
import wrenlane.server.machine.MachineService;

/** Judges one course for everyone of a day. */
@Service
class ComparisonService {
    /**
     * A course, and who would ride it.
     *
     * @param pairs machine and level of everyone
     * @param limits whether limits and needs are wanted too: they take a dozen searches each the first time
     * @param yardId the yard it would stand on, for its grip
     */
    record ComparisonRequest(
            @NotNull @Valid CourseRequest course,
            @NotNull @Size(max = 60) List<@NotNull @Valid Pair> pairs,
            @NotNull Boolean limits,
            @Nullable Long yardId) {}

    /** One machine with a rider of a level. */
    record Pair(@NotNull Long machineId, @NotNull RiderLevel level) {}

    /**
     * One row: how a machine and rider stand to the course.
     *
     * @param asSet first turned to the side it is set for
     * @param mirrored the other way round; missing where the course has no sides
     * @param ladder of the machine, both sides together; missing unless limits are wanted
     */
    record PairFit(
            long machineId,
            SideFit asSet,
            @Nullable SideFit mirrored,
            @Nullable Ladder ladder) {}

    /**
     * To one side.
     *
     * @param side first turned to
     * @param spareMetres room at the tightest place, negative where it lacks
     * @param spareCapped whether there is more room than was looked for
     * @param limitMetres the machine's own limit, tightness 1.00; missing unless limits are wanted
     * @param tightness the setting over that limit; missing unless limits are wanted
     * @param neededMetres tightest setting for this rider; missing where none fits, or unless limits are wanted
     */
    record SideFit(
            Side side,
            FitAnswer answer,
            double spareMetres,
            boolean spareCapped,
            @Nullable Double limitMetres,
            @Nullable Double tightness,
            @Nullable Double neededMetres) {
        SideFit mirrored() {
            return new SideFit(side.opposite(), answer, spareMetres, spareCapped, limitMetres, tightness, neededMetres);
        }
    }

    /** Fits kept between the question for the rooms and the one for the limits. */
    private static final int FITS_KEPT = 500;

    private final Cache<Asked, CourseFit> fits =
            Caffeine.newBuilder().maximumSize(FITS_KEPT).build();
    private final MachineService machines;
    private final CourseLimits limits;
    private final EvaluationService evaluations;

    ComparisonService(MachineService machines, CourseLimits limits, EvaluationService evaluations) {
        this.machines = machines;
        this.limits = limits;
        this.evaluations = evaluations;
    }

    List<PairFit> compare(ComparisonRequest request) {
        Course course = request.course().course();
        Map<Long, MachineTurn> turns = machines.turns(
                request.pairs().stream().map(Pair::machineId).distinct().toList());
        List<Row> rows = request.pairs().stream()
                .map(p -> new Row(
                        p.machineId(),
                        evaluations.ride(
                                Optional.ofNullable(turns.get(p.machineId())).orElseThrow(),
                                p.level(),
                                null,
                                request.yardId())))
                .toList();
        return rows.parallelStream()
                .map(r -> row(new Measured(course, request.course().uncertainties()), r, request.limits()))
                .toList();
    }

    /** A course with the standard deviation of each of its measured dimensions, in metres. */
    private record Measured(Course course, Map<String, Double> uncertainties) {}

    private record Asked(Measured measured, Ride ride) {}

    private CourseFit fit(Measured measured, Ride ride) {
        return fits.get(
                new Asked(measured, ride), a -> CourseFit.roomOnly(measured.course(), ride, measured.uncertainties()));
    }

    private record Row(long machineId, Ride ride) {}

    private PairFit row(Measured measured, Row row, boolean withLimits) {
        Course course = measured.course();
        Ride ride = row.ride();
        CourseFit fit = fit(measured, ride);
        SideFit asSet = side(course, ride, fit, withLimits);
        Ladder ladder = withLimits ? limits.ladder(course, ride.turn()) : null;
        if (course.kind().turning() != Turning.ONE_SIDE) {
            return new PairFit(row.machineId(), asSet, null, ladder);
        }
        // A machine that turns alike to both sides has the mirrored line: no need to look for it.
        Course other = course.mirrored();
        SideFit mirrored = fit.turnsAlike()
                ? asSet.mirrored()
                : side(other, ride, fit(new Measured(other, measured.uncertainties()), ride), withLimits);
        return new PairFit(row.machineId(), asSet, mirrored, ladder);
    }

    private SideFit side(Course course, Ride ride, CourseFit fit, boolean withLimits) {
        Double limit = withLimits ? limits.limitMetres(course, ride.turn(), course.firstTurn()) : null;
        Double need = withLimits
                ? limits.need(course, ride).map(TightestSetting::metres).orElse(null)
                : null;
        return new SideFit(
                course.firstTurn(),
                fit.answer(),
                fit.spare().metres(),
                fit.spareCapped(),
                limit,
                limit == null ? null : Double.valueOf(course.settingMetres() / limit),
                need);
    }
}
