package wrenlane.server.course.evaluation;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wrenlane.course.Course;
import wrenlane.course.CourseKind.TurnSides;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.RiderLimits;
import wrenlane.riding.Ride;
import wrenlane.server.course.CourseRequest;
import wrenlane.server.course.difficulty.CourseDifficulty;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.people.rider.LeanLimit;
import wrenlane.server.platform.calculation.BoundedCache;
import wrenlane.server.platform.calculation.ComputeScheduler;
import wrenlane.server.platform.calculation.Priority;
import wrenlane.server.platform.calculation.Weights;
import wrenlane.units.LengthSystem;
import wrenlane.verdict.CourseFit;
import wrenlane.verdict.Difficulty;
import wrenlane.verdict.FitAnswer;
import wrenlane.verdict.SizeLadder;
import wrenlane.verdict.SmallestSize;

/** Judges one course for everyone of a day. */
@Service
class ComparisonService {
    /**
     * A course, and who would ride it.
     *
     * @param pairs machine and level of everyone
     * @param limits whether limits and needs are wanted too: they take a dozen searches each the first time
     * @param yardId the yard it would stand on, for its grip
     * @param system units that sizes are rounded for; metric where missing
     */
    record ComparisonRequest(
            @NotNull @Valid CourseRequest course,
            @NotNull @Size(max = 60) List<@NotNull @Valid Pair> pairs,
            @NotNull Boolean limits,
            @Nullable Long yardId,
            @Nullable LengthSystem system) {
        private LengthSystem readIn() {
            return system == null ? LengthSystem.METRIC : system;
        }
    }

    /** One machine with a rider of a level, who uses so much lean at most; as much as the level does where missing. */
    record Pair(
            @NotNull Long machineId,
            @NotNull RiderLevel level,

            @Nullable @DecimalMin(LeanLimit.LEAST) @DecimalMax(LeanLimit.GREATEST)
            Double mostLeanRadians) {
        private RiderLimits limits() {
            return LeanLimit.limits(level, mostLeanRadians);
        }
    }

    /**
     * One row: how a machine and rider stand to the course.
     *
     * @param asSet first turned to the side it is set for; missing where time ran out before that was known
     * @param mirrored the other way round; missing where the course has no sides
     * @param answer of both sides: the worse; missing where time ran out before it was known
     * @param difficulty of both sides: the harder; missing where neither has one, or unless limits are wanted
     * @param ladder of the machine, both sides together; missing unless limits are wanted
     * @param finished whether all that was wanted is here
     */
    record PairFit(
            long machineId,
            @Nullable SideFit asSet,
            @Nullable SideFit mirrored,
            @Nullable FitAnswer answer,
            @Nullable Double difficulty,
            @Nullable SizeLadder ladder,
            boolean finished) {
        static PairFit of(
                long machineId,
                @Nullable SideFit asSet,
                @Nullable SideFit mirrored,
                @Nullable SizeLadder ladder,
                boolean finished) {
            List<SideFit> sides =
                    Stream.of(asSet, mirrored).flatMap(Stream::ofNullable).toList();
            return new PairFit(
                    machineId,
                    asSet,
                    mirrored,
                    sides.stream().map(SideFit::answer).reduce(FitAnswer::worse).orElse(null),
                    sides.stream()
                            .map(SideFit::difficulty)
                            .flatMap(Stream::ofNullable)
                            .reduce(Math::max)
                            .orElse(null),
                    ladder,
                    finished);
        }
    }

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
     * @param speedMetresPerSecond it is judged at; missing where it is not rolled through
     * @param limitMetres the setting of difficulty 1.00 on the machine; missing where there is none, or unless wanted
     * @param difficulty on the machine; missing on kinds ridden straight on, or unless limits are wanted
     * @param neededMetres tightest setting for this rider; missing where none fits, or unless limits are wanted
     */
    record SideFit(
            Side side,
            FitAnswer answer,
            double spareMetres,
            boolean spareCapped,
            @Nullable Double speedMetresPerSecond,
            @Nullable Double limitMetres,
            @Nullable Double difficulty,
            @Nullable Double neededMetres) {
        SideFit mirrored() {
            return new SideFit(
                    side.opposite(),
                    answer,
                    spareMetres,
                    spareCapped,
                    speedMetresPerSecond,
                    limitMetres,
                    difficulty,
                    neededMetres);
        }
    }

    /** Memory for rooms kept between the question for the rooms and the one for the limits, in bytes. */
    private static final long MOST_BYTES = 4_000_000;

    private final BoundedCache<ComparisonKey, FitClearance> clearances =
            BoundedCache.within(MOST_BYTES, asked -> Weights.of(asked.course()));
    private final MachineService machines;
    private final CourseDifficulty difficulty;
    private final EvaluationService evaluations;
    private final ComputeScheduler scheduler;

    ComparisonService(
            MachineService machines,
            CourseDifficulty difficulty,
            EvaluationService evaluations,
            ComputeScheduler scheduler) {
        this.machines = machines;
        this.difficulty = difficulty;
        this.evaluations = evaluations;
        this.scheduler = scheduler;
    }

    Comparison compare(ComparisonRequest request) {
        Course course = request.course().course();
        Map<Long, MachineTurn> turns = machines.turns(
                request.pairs().stream().map(Pair::machineId).distinct().toList());
        List<Row> asked = request.pairs().stream()
                .map(p -> new Row(
                        p.machineId(),
                        evaluations.ride(
                                Optional.ofNullable(turns.get(p.machineId())).orElseThrow(),
                                p.limits(),
                                null,
                                request.yardId())))
                .toList();
        List<Optional<PairFit>> computed = scheduler.parts(
                Priority.MANY,
                asked.stream()
                        .map(r -> (Supplier<PairFit>) () -> row(course, r, request.limits(), request.readIn()))
                        .toList());
        List<PairFit> rows = IntStream.range(0, asked.size())
                .mapToObj(i -> computed.get(i).orElseGet(() -> soFar(course, asked.get(i))))
                .toList();
        return new Comparison(
                rows, (int) rows.stream().filter(PairFit::finished).count());
    }

    /** What is known of a row whose time ran out. */
    private PairFit soFar(Course course, Row row) {
        FitClearance known =
                clearances.known(new ComparisonKey(course, row.ride())).orElse(null);
        return PairFit.of(
                row.machineId(), known == null ? null : known.side(course.firstTurn(), null, null), null, null, false);
    }

    private record ComparisonKey(Course course, Ride ride) {}

    /** What is kept of a fit: its lines take a thousand times as much, and are not shown in a table. */
    private record FitClearance(
            FitAnswer answer,
            double spareMetres,
            boolean spareCapped,
            @Nullable Double speedMetresPerSecond,
            boolean turnsAlike) {
        static FitClearance of(CourseFit fit) {
            return new FitClearance(
                    fit.answer(),
                    fit.spare().metres(),
                    fit.spareCapped(),
                    fit.left().rollingSpeed().orElse(null),
                    fit.turnsAlike());
        }

        SideFit side(Side side, @Nullable Double limitMetres, @Nullable Hardness hard) {
            return new SideFit(
                    side,
                    answer,
                    spareMetres,
                    spareCapped,
                    speedMetresPerSecond,
                    limitMetres,
                    hard == null ? null : hard.difficulty(),
                    hard == null ? null : hard.neededMetres());
        }
    }

    /** How hard it is on the machine, and the tightest setting for the rider. */
    private record Hardness(
            @Nullable Double difficulty, @Nullable Double neededMetres) {}

    private FitClearance clearances(Course course, Ride ride) {
        return clearances.get(
                new ComparisonKey(course, ride), () -> FitClearance.of(CourseFit.clearanceOnly(course, ride)));
    }

    private record Row(long machineId, Ride ride) {}

    private PairFit row(Course course, Row row, boolean withLimits, LengthSystem system) {
        Ride ride = row.ride();
        FitClearance here = clearances(course, ride);
        SideFit asSet = side(course, ride, here, withLimits);
        SizeLadder ladder = withLimits ? difficulty.ladder(course, ride.turn(), system) : null;
        if (course.kind().turning() != TurnSides.ONE_SIDE) {
            return PairFit.of(row.machineId(), asSet, null, ladder, true);
        }
        // A machine that turns alike to both sides has the mirrored line: no need to look for it.
        Course other = course.mirrored();
        SideFit mirrored =
                here.turnsAlike() ? asSet.mirrored() : side(other, ride, clearances(other, ride), withLimits);
        return PairFit.of(row.machineId(), asSet, mirrored, ladder, true);
    }

    private SideFit side(Course course, Ride ride, FitClearance found, boolean withLimits) {
        if (!withLimits) {
            return found.side(course.firstTurn(), null, null);
        }
        Difficulty over = difficulty.of(course, ride.turn(), course.firstTurn());
        return found.side(
                course.firstTurn(),
                over.settingAt(1).orElse(null),
                new Hardness(
                        over.at(course.settingMetres()).orElse(null),
                        difficulty.need(course, ride).map(SmallestSize::metres).orElse(null)));
    }
}
