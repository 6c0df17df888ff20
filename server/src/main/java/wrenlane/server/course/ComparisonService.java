package wrenlane.server.course;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wrenlane.course.Course;
import wrenlane.course.CourseKind.Turning;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.rider.RiderLevel;
import wrenlane.riding.Ride;
import wrenlane.server.machine.MachineService;
import wrenlane.server.reckoning.Rank;
import wrenlane.server.reckoning.Reckoning;
import wrenlane.server.reckoning.Weights;
import wrenlane.verdict.CourseFit;
import wrenlane.verdict.FitAnswer;
import wrenlane.verdict.Ladder;
import wrenlane.verdict.TightestSetting;

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
     * @param asSet first turned to the side it is set for; missing where time ran out before that was known
     * @param mirrored the other way round; missing where the course has no sides
     * @param ladder of the machine, both sides together; missing unless limits are wanted
     * @param finished whether all that was wanted is here
     */
    record PairFit(
            long machineId,
            @Nullable SideFit asSet,
            @Nullable SideFit mirrored,
            @Nullable Ladder ladder,
            boolean finished) {}

    /**
     * A course for everyone.
     *
     * @param rows one for each pair, in their order
     * @param finished how many of them are finished; asked again, it goes on from there
     */
    record Comparison(List<PairFit> rows, int finished) {}

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

    /** Memory for rooms kept between the question for the rooms and the one for the limits, in bytes. */
    private static final long MOST_BYTES = 4_000_000;

    private final Cache<Asked, Rooms> rooms = Caffeine.newBuilder()
            .maximumWeight(MOST_BYTES)
            .weigher((Asked asked, Rooms found) -> Weights.of(asked.measured().course()))
            .build();
    private final MachineService machines;
    private final CourseLimits limits;
    private final EvaluationService evaluations;
    private final Reckoning reckoning;

    ComparisonService(
            MachineService machines, CourseLimits limits, EvaluationService evaluations, Reckoning reckoning) {
        this.machines = machines;
        this.limits = limits;
        this.evaluations = evaluations;
        this.reckoning = reckoning;
    }

    Comparison compare(ComparisonRequest request) {
        Course course = request.course().course();
        Measured measured = new Measured(course, request.course().uncertainties());
        Map<Long, MachineTurn> turns = machines.turns(
                request.pairs().stream().map(Pair::machineId).distinct().toList());
        List<Row> asked = request.pairs().stream()
                .map(p -> new Row(
                        p.machineId(),
                        evaluations.ride(
                                Optional.ofNullable(turns.get(p.machineId())).orElseThrow(),
                                p.level(),
                                null,
                                request.yardId())))
                .toList();
        List<Optional<PairFit>> reckoned = reckoning.parts(
                Rank.MANY,
                asked.stream()
                        .map(r -> (Supplier<PairFit>) () -> row(measured, r, request.limits()))
                        .toList());
        List<PairFit> rows = IntStream.range(0, asked.size())
                .mapToObj(i -> reckoned.get(i).orElseGet(() -> soFar(measured, asked.get(i))))
                .toList();
        return new Comparison(
                rows, (int) rows.stream().filter(PairFit::finished).count());
    }

    /** What is known of a row whose time ran out. */
    private PairFit soFar(Measured measured, Row row) {
        Rooms known = rooms.getIfPresent(new Asked(measured, row.ride()));
        return new PairFit(
                row.machineId(),
                known == null ? null : known.side(measured.course().firstTurn(), null, null),
                null,
                null,
                false);
    }

    /** A course with the standard deviation of each of its measured dimensions, in metres. */
    private record Measured(Course course, Map<String, Double> uncertainties) {}

    private record Asked(Measured measured, Ride ride) {}

    /** What is kept of a fit: its lines take a thousand times as much, and are not shown in a table. */
    private record Rooms(FitAnswer answer, double spareMetres, boolean spareCapped, boolean turnsAlike) {
        static Rooms of(CourseFit fit) {
            return new Rooms(fit.answer(), fit.spare().metres(), fit.spareCapped(), fit.turnsAlike());
        }

        SideFit side(Side side, @Nullable Double limitMetres, @Nullable Tightness tight) {
            return new SideFit(
                    side,
                    answer,
                    spareMetres,
                    spareCapped,
                    limitMetres,
                    tight == null ? null : tight.tightness(),
                    tight == null ? null : tight.neededMetres());
        }
    }

    /** The setting over the limit, and the tightest setting for a rider. */
    private record Tightness(double tightness, @Nullable Double neededMetres) {}

    private Rooms rooms(Measured measured, Ride ride) {
        Asked asked = new Asked(measured, ride);
        Rooms known = rooms.getIfPresent(asked);
        if (known != null) {
            return known;
        }
        Rooms found = Rooms.of(CourseFit.roomOnly(measured.course(), ride, measured.uncertainties()));
        rooms.put(asked, found);
        return found;
    }

    private record Row(long machineId, Ride ride) {}

    private PairFit row(Measured measured, Row row, boolean withLimits) {
        Course course = measured.course();
        Ride ride = row.ride();
        Rooms here = rooms(measured, ride);
        SideFit asSet = side(course, ride, here, withLimits);
        Ladder ladder = withLimits ? limits.ladder(course, ride.turn()) : null;
        if (course.kind().turning() != Turning.ONE_SIDE) {
            return new PairFit(row.machineId(), asSet, null, ladder, true);
        }
        // A machine that turns alike to both sides has the mirrored line: no need to look for it.
        Course other = course.mirrored();
        SideFit mirrored = here.turnsAlike()
                ? asSet.mirrored()
                : side(other, ride, rooms(new Measured(other, measured.uncertainties()), ride), withLimits);
        return new PairFit(row.machineId(), asSet, mirrored, ladder, true);
    }

    private SideFit side(Course course, Ride ride, Rooms found, boolean withLimits) {
        if (!withLimits) {
            return found.side(course.firstTurn(), null, null);
        }
        double limit = limits.limitMetres(course, ride.turn(), course.firstTurn());
        return found.side(
                course.firstTurn(),
                limit,
                new Tightness(
                        course.settingMetres() / limit,
                        limits.need(course, ride).map(TightestSetting::metres).orElse(null)));
    }
}
