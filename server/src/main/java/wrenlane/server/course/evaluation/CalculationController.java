package wrenlane.server.course.evaluation;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.course.Course;
import wrenlane.course.CourseDimension;
import wrenlane.course.kind.CourseKinds;
import wrenlane.finding.TypedText;
import wrenlane.machine.MachineTurn;
import wrenlane.riding.Ride;
import wrenlane.riding.TurnLimit;
import wrenlane.server.course.difficulty.CourseDifficulty;
import wrenlane.server.course.evaluation.ComparisonService.Comparison;
import wrenlane.server.course.evaluation.ComparisonService.ComparisonRequest;
import wrenlane.server.platform.calculation.ComputeScheduler;
import wrenlane.server.platform.calculation.Priority;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.units.LengthSystem;
import wrenlane.verdict.MistakeCost;
import wrenlane.verdict.RecommendedSpeed;
import wrenlane.verdict.SizeLadder;
import wrenlane.verdict.SmallestSize;
import wrenlane.verdict.SpeedWindow;
import wrenlane.verdict.SwingOutValue;

/** Everything that can be computed of a course and a machine. Each call takes all it needs and stores nothing. */
@RestController
@RequestMapping("/api")
class CalculationController {
    private final EvaluationService evaluations;
    private final CourseAnswers answers;
    private final ComparisonService comparisons;
    private final CourseDifficulty difficulty;
    private final ComputeScheduler scheduler;

    CalculationController(
            EvaluationService evaluations,
            CourseAnswers answers,
            ComparisonService comparisons,
            CourseDifficulty difficulty,
            ComputeScheduler scheduler) {
        this.evaluations = evaluations;
        this.answers = answers;
        this.comparisons = comparisons;
        this.difficulty = difficulty;
        this.scheduler = scheduler;
    }

    /** Whether a course can be ridden, along which lines, and how much room there is. */
    @PostMapping("/calculations/course-evaluations")
    EvaluationResponse evaluateCourse(@Valid @RequestBody CalculationRequest request) {
        return evaluations.evaluate(request);
    }

    /** One course for many machines and riders. */
    @PostMapping("/calculations/course-comparisons")
    Comparison compareCourse(@Valid @RequestBody ComparisonRequest request) {
        return comparisons.compare(request);
    }

    /**
     * The speeds a course can be ridden at; on loose ground both ways of riding it.
     *
     * @param firm body in line, carrying speed; missing where it fits at no speed
     * @param loose walking pace, body held out; missing on firm ground, and where it fits at no speed
     * @param looseGround whether the yard is of loose ground, where the second way is taught
     */
    record SpeedWindows(@Nullable WindowJson firm, @Nullable WindowJson loose, boolean looseGround) {}

    /**
     * One window.
     *
     * @param slowest at which it can be ridden, m/s
     * @param slowestBecause what closes the window below
     * @param fastest at which it can be ridden, m/s
     * @param judged the speed the course is judged at, m/s
     * @param recommended the speeds to ride it at
     * @param fastestBecause missing where it stays open as far as was looked
     * @param idleWalking the machine's own speed with the clutch home; missing where it does not drive at idle
     * @param needsFrictionZone whether the whole window lies below it
     */
    record WindowJson(
            double slowest,
            TurnLimit slowestBecause,
            double fastest,
            @Nullable TurnLimit fastestBecause,
            double judged,
            RecommendedSpeed recommended,
            @Nullable Double idleWalking,
            boolean needsFrictionZone) {
        static WindowJson of(SpeedWindow w) {
            return new WindowJson(
                    w.slowest(),
                    w.slowestBecause(),
                    w.fastest(),
                    w.fastestBecause().orElse(null),
                    w.judged(),
                    w.recommended(),
                    w.idleWalking().orElse(null),
                    w.needsFrictionZone());
        }
    }

    /** The speed windows of a course, on the ground of its yard. */
    @PostMapping("/calculations/speed-windows")
    SpeedWindows findSpeedWindows(@Valid @RequestBody CalculationRequest request) {
        Course course = request.course().course();
        MachineTurn turn = evaluations.turn(machine(request));
        boolean looseGround = evaluations.onLooseGround(request.yardId());
        return new SpeedWindows(
                window(course, turn, request, CalculationRequest.Ground.FIRM),
                looseGround ? window(course, turn, request, CalculationRequest.Ground.LOOSE) : null,
                looseGround);
    }

    private @Nullable WindowJson window(
            Course course, MachineTurn turn, CalculationRequest request, CalculationRequest.Ground ground) {
        Ride ride = evaluations.ride(turn, request.limits(), ground, request.yardId());
        return answers.window(course, ride).map(WindowJson::of).orElse(null);
    }

    /** The sizes of a machine on a course, both sides together. */
    @PostMapping("/calculations/course-ladders")
    SizeLadder findCourseLadder(
            @Valid @RequestBody CalculationRequest request,
            @RequestParam(defaultValue = "METRIC") LengthSystem system) {
        Course course = request.course().course();
        MachineTurn turn = evaluations.turn(machine(request));
        return scheduler.whole(Priority.ONE, "the sizes of this course", () -> difficulty.ladder(course, turn, system));
    }

    /**
     * A dimension to be made as small as can be, all else as it is.
     *
     * @param dimension its name
     */
    record SmallestSizeRequest(
            @NotNull @Valid CalculationRequest of, @NotBlank String dimension) {}

    /**
     * The smallest setting.
     *
     * @param metres to 1 cm; missing where the course fits at no setting
     * @param smallestAllowed whether the dimension's own limit ended the search, and not the machine
     */
    record SmallestSizeResponse(@Nullable Double metres, boolean smallestAllowed) {}

    /** The smallest value of any one length at which this machine and rider can still ride the course. */
    @PostMapping("/calculations/smallest-sizes")
    SmallestSizeResponse findTightestSetting(@Valid @RequestBody SmallestSizeRequest request) {
        Course course = request.of().course().course();
        CourseDimension dimension = course.kind().dimensions().stream()
                .filter(d -> d.name().equals(request.dimension()) && d.quantity() == CourseDimension.Quantity.METRES)
                .findFirst()
                .orElseThrow(() -> RefusedException.of(
                        "no-such-dimension",
                        "dimension",
                        "This kind has no length called " + TypedText.quoted(request.dimension()) + "."));
        Ride ride = evaluations.ride(request.of(), machine(request.of()));
        return scheduler
                .whole(Priority.ONE, "the smallest setting", () -> SmallestSize.of(course, dimension, ride))
                .map(t -> new SmallestSizeResponse(t.metres(), t.smallestAllowed()))
                .orElse(new SmallestSizeResponse(null, false));
    }

    /**
     * What swinging out buys.
     *
     * @param value missing on kinds without a swing-out
     * @param gainsWidth whether there is any width in it worth having
     */
    record SwingOutResponse(@Nullable SwingOutValue value, boolean gainsWidth) {}

    /** The narrowest width with and without swinging out before and after the turn. */
    @PostMapping("/calculations/swing-out-values")
    SwingOutResponse findSwingOutValue(@Valid @RequestBody CalculationRequest request) {
        Course course = request.course().course();
        Ride ride = evaluations.ride(request, machine(request));
        Optional<SwingOutValue> value = answers.swingOut(course, ride);
        return new SwingOutResponse(
                value.orElse(null), value.map(SwingOutValue::gainsWidth).orElse(false));
    }

    /** What each mistake costs, the worst first; none on a course without a turn. */
    record MistakesResponse(List<MistakeCost> costs) {}

    /** What one mistake costs on a course, all else ridden as well as can be. */
    @PostMapping("/calculations/mistake-costs")
    MistakesResponse findMistakeCosts(@Valid @RequestBody CalculationRequest request) {
        Course course = request.course().course();
        Ride ride = evaluations.ride(request, machine(request));
        return new MistakesResponse(answers.mistakes(course, ride, request.speedMetresPerSecond()));
    }

    /** Calls to be drawn for a crossroads. */
    record CallsRequest(
            @NotNull @Min(1) @Max(6) Integer count, @NotNull Long seed) {}

    /** Calls drawn: R, L, S, U and V. */
    record CallsResponse(String calls) {}

    /** Draws calls at random; the same seed draws the same. */
    @PostMapping("/calculations/crossroads-calls")
    CallsResponse drawCalls(@Valid @RequestBody CallsRequest request) {
        return new CallsResponse(CourseKinds.drawCalls(request.count(), request.seed()));
    }

    private static long machine(CalculationRequest request) {
        Long id = request.machineId();
        if (id == null) {
            throw RefusedException.of("machine-missing", "machineId", "Choose a machine to calculate with.");
        }
        return id;
    }
}
