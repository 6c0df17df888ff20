package wrenlane.server.course.evaluation;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.plane.Point;
import wrenlane.rideline.CheckedLine;
import wrenlane.rideline.solve.LineMemory;
import wrenlane.rider.RiderLimits;
import wrenlane.riding.Grip;
import wrenlane.riding.Ride;
import wrenlane.riding.RidingStyle;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.platform.calculation.BoundedCache;
import wrenlane.server.platform.calculation.ComputeScheduler;
import wrenlane.server.platform.calculation.Priority;
import wrenlane.verdict.CourseFit;
import wrenlane.verdict.FitAnswer;
import wrenlane.verdict.LineChoice;
import wrenlane.verdict.RidingMark;
import wrenlane.verdict.SpareUncertainty;
import wrenlane.verdict.SpeedScan;
import wrenlane.yard.Caution;
import wrenlane.yard.CoursePlacement;
import wrenlane.yard.Yard;

/** Computes a course for a machine. */
@Service
public class EvaluationService {
    /** Memory for lines to start the next search from, in bytes: enough for many people dragging at once. */
    private static final long MOST_BYTES = 8_000_000;

    /** What makes two searches alike enough for one to start from the other's line. */
    private record SearchKey(CourseKind kind, Side firstTurn, Ride ride) {}

    /** A key with its ride, in bytes: an estimate. */
    private static final int LIKE_BYTES = 1200;

    /** Lines to start from: at the speed drawn, and at the one judged at. */
    private record Lines(LineMemory drawn, LineMemory judged) {
        Lines(CourseFit.ResumableFit computed) {
            this(computed.memory(), computed.judged());
        }

        int bytes() {
            return drawn.bytes() + judged.bytes();
        }
    }

    private final Cache<SearchKey, Lines> memories = Caffeine.newBuilder()
            .maximumWeight(MOST_BYTES)
            .weigher((SearchKey like, Lines lines) -> lines.bytes() + LIKE_BYTES)
            .build();

    /** Memory for speeds looked at, which the verdict and the speed window of a course share, in bytes. */
    private static final long MOST_BYTES_OF_SPEEDS = 6_000_000;

    /** Two dozen lines of a hundred nodes, in bytes: an estimate. */
    private static final int SCAN_BYTES = 150_000;

    private final BoundedCache<CourseQuery, SpeedScan> scans =
            BoundedCache.within(MOST_BYTES_OF_SPEEDS, of -> of.bytes() + SCAN_BYTES);

    /** Memory for what courses were judged to be, in bytes. */
    private static final long MOST_BYTES_OF_FITS = 6_000_000;

    /** Three lines with their points, in bytes: an estimate. */
    private static final int FIT_BYTES = 150_000;

    private final BoundedCache<CourseQuery, CourseFit.ResumableFit> fits =
            BoundedCache.within(MOST_BYTES_OF_FITS, of -> of.bytes() + FIT_BYTES);
    private final MachineService machines;
    private final YardLookup yards;
    private final ComputeScheduler scheduler;

    EvaluationService(MachineService machines, YardLookup yards, ComputeScheduler scheduler) {
        this.machines = machines;
        this.yards = yards;
        this.scheduler = scheduler;
    }

    EvaluationResponse evaluate(CalculationRequest request) {
        Course course = request.course().course();
        List<Caution> cautions = cautions(course, request.yardId());
        if (request.machineId() == null) {
            return new EvaluationResponse(PlanJson.of(course), null, null, null, null, cautions);
        }
        Ride ride = ride(request, request.machineId());
        return scheduler.whole(
                request.settled() ? Priority.ONE : Priority.DRAGGED,
                "this course for this machine",
                () -> evaluation(request, course, ride, cautions));
    }

    private EvaluationResponse evaluation(
            CalculationRequest request, Course course, Ride ride, List<Caution> cautions) {
        CourseFit fit = request.settled() ? settled(course, ride, request) : dragged(course, ride, request);
        LineChoice wanted = request.line();
        Map<LineChoice, LineJson> drawn = new EnumMap<>(LineChoice.class);
        for (LineChoice choice : LineChoice.values()) {
            boolean instead = choice == LineChoice.ROOMIEST
                    && fit.line(wanted == null ? choice : wanted).isEmpty();
            if (wanted == null || wanted == choice || instead) {
                fit.line(choice).ifPresent(line -> drawn.put(choice, LineJson.of(course, fit, line, ride.turn())));
            }
        }
        return new EvaluationResponse(
                PlanJson.of(course),
                FitJson.of(fit),
                drawn.get(LineChoice.COMFORTABLE),
                drawn.get(LineChoice.EASIEST),
                drawn.get(LineChoice.ROOMIEST),
                cautions);
    }

    /**
     * From the lines last found, as quickly as can be: at the speed last drawn, and where that leaves too little, at the speed
     * last judged at.
     */
    private CourseFit dragged(Course course, Ride ride, CalculationRequest request) {
        SearchKey like = new SearchKey(course.kind(), course.firstTurn(), ride);
        Lines known = memories.getIfPresent(like);
        if (known == null) {
            return settled(course, ride, request);
        }
        Double asked = request.speedMetresPerSecond();
        LineChoice drawn = request.line() == null ? LineChoice.COMFORTABLE : request.line();
        if (asked != null) {
            CourseFit.ResumableFit computed = CourseFit.dragged(course, ride, asked, drawn, known.drawn());
            memories.put(like, new Lines(computed));
            return computed.fit();
        }
        CourseFit.ResumableFit computed = dragged(course, ride, drawn, known.drawn());
        if (computed.fit().answer() == FitAnswer.FITS
                || known.judged().speedMetresPerSecond() == known.drawn().speedMetresPerSecond()) {
            memories.put(like, new Lines(computed.memory(), known.judged()));
            return computed.fit();
        }
        CourseFit.ResumableFit judged = dragged(course, ride, drawn, known.judged());
        memories.put(like, new Lines(known.drawn(), judged.memory()));
        return judged.fit();
    }

    private static CourseFit.ResumableFit dragged(Course course, Ride ride, LineChoice drawn, LineMemory from) {
        return CourseFit.dragged(course, ride, from.speedMetresPerSecond(), drawn, from);
    }

    /** Afresh, whatever was dragged before, so that the same question always has the same answer. */
    private CourseFit settled(Course course, Ride ride, CalculationRequest request) {
        CourseFit.ResumableFit computed = settled(new CourseQuery(course, ride, request.speedMetresPerSecond()));
        memories.put(new SearchKey(course.kind(), course.firstTurn(), ride), new Lines(computed));
        return computed.fit();
    }

    private CourseFit.ResumableFit settled(CourseQuery of) {
        return fits.get(of, () -> judged(of));
    }

    private CourseFit.ResumableFit judged(CourseQuery of) {
        Double asked = of.speedMetresPerSecond();
        CourseFit.ResumableFit computed = asked == null
                ? CourseFit.of(scan(of.course(), of.ride()))
                : CourseFit.of(of.course(), of.ride(), asked);
        double u = SpareUncertainty.of(of.course(), of.ride(), computed);
        return new CourseFit.ResumableFit(computed.fit().withUncertainty(u), computed.memory(), computed.judged());
    }

    /** The speeds of a course that were looked at, or are about to be. */
    SpeedScan scan(Course course, Ride ride) {
        Course taped = course.taped();
        return scans.get(new CourseQuery(taped, ride), () -> new SpeedScan(taped, ride));
    }

    /** Who rides, on the yard's ground or on dry paving. */
    public Ride ride(CalculationRequest request, long machineId) {
        return ride(turn(machineId), request.limits(), request.ground(), request.yardId());
    }

    /** Who rides, on the yard's ground or on dry paving. */
    public Ride ride(long machineId, RiderLimits limits, @Nullable Long yardId) {
        return ride(turn(machineId), limits, null, yardId);
    }

    /** The line drawn for somebody, and the marks to ride it by. */
    public record LineDrawing(CheckedLine line, List<RidingMark> marks) {}

    /**
     * Draws a course's line for a machine and a rider, on the yard's ground or on dry paving.
     *
     * @param stand where it stands on the yard, so that the instructor's place lies on it
     */
    public LineDrawing drawn(
            Course course, long machineId, RiderLimits limits, @Nullable Long yardId, @Nullable CoursePlacement stand) {
        Ride ride = ride(machineId, limits, yardId);
        Predicate<Point> onYard = onYard(yardId, stand);
        return scheduler.whole(Priority.ONE, "the line drawn", () -> {
            CourseFit fit = settled(new CourseQuery(course, ride)).fit();
            return new LineDrawing(fit.drawn(), RidingMark.of(course, fit, fit.drawn(), onYard));
        });
    }

    private Predicate<Point> onYard(@Nullable Long yardId, @Nullable CoursePlacement stand) {
        if (yardId == null || stand == null) {
            return place -> true;
        }
        Yard yard = yards.yard(yardId);
        return place -> yard.isOpen(stand.toYard(place));
    }

    /** The machine alone, where nobody's riding counts. */
    MachineTurn turn(long machineId) {
        return machines.turn(machineId);
    }

    Ride ride(MachineTurn turn, RiderLimits limits, CalculationRequest.@Nullable Ground ground, @Nullable Long yardId) {
        Grip grip =
                yardId == null ? Grip.DRY_PAVING : yards.yard(yardId).surface().grip();
        return new Ride(
                turn,
                limits,
                ground == CalculationRequest.Ground.LOOSE ? RidingStyle.bodyOut(grip) : RidingStyle.inLine(grip));
    }

    /** Whether a yard is of loose ground; dry paving where none is given. */
    boolean onLooseGround(@Nullable Long yardId) {
        return yardId != null && yards.yard(yardId).surface().loose();
    }

    private List<Caution> cautions(Course course, @Nullable Long yardId) {
        return yardId == null
                ? List.of()
                : yards.yard(yardId).cautionsFor(course.plan().area());
    }
}
