package wrenlane.server.ground.setup;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.course.Course;
import wrenlane.finding.Checks;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.RiderLimits;
import wrenlane.server.course.CourseSetup;
import wrenlane.server.course.evaluation.CalculationRequest;
import wrenlane.server.course.evaluation.EvaluationService;
import wrenlane.server.ground.placement.PlacementJson;
import wrenlane.server.ground.setup.AccuracyService.Accuracy;
import wrenlane.server.ground.setup.SetupRequest.AlongLine;
import wrenlane.server.people.rider.LeanLimit;
import wrenlane.server.platform.calculation.ComputeScheduler;
import wrenlane.server.platform.calculation.Priority;
import wrenlane.server.platform.length.LengthJson;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.setup.ChalkedMark;
import wrenlane.setup.Changeover;
import wrenlane.setup.Corners;
import wrenlane.setup.DayOrder;
import wrenlane.setup.SetupSheet;
import wrenlane.setup.SquareCheck;
import wrenlane.units.LengthSystem;
import wrenlane.yard.CoursePlacement;

/** Setup figures. Stores nothing. */
@RestController
@RequestMapping("/api")
class SetupController {
    private final SetupService service;
    private final AccuracyService accuracies;
    private final DayOrders orders;
    private final EvaluationService evaluations;
    private final ComputeScheduler scheduler;

    SetupController(
            SetupService service,
            AccuracyService accuracies,
            DayOrders orders,
            EvaluationService evaluations,
            ComputeScheduler scheduler) {
        this.service = service;
        this.accuracies = accuracies;
        this.orders = orders;
        this.evaluations = evaluations;
        this.scheduler = scheduler;
    }

    /**
     * Two diagonals of a course as taped on the ground, of its widest setting where it stands at several.
     *
     * @param first from the datum corner A to C
     * @param second from B to D
     */
    record SquareRequest(
            @NotNull @Valid CourseSetup laid,
            @NotNull @Valid LengthJson first,
            @NotNull @Valid LengthJson second) {}

    /**
     * Two courses, one set up out of the other: both from one side of the yard where both stand on it, else both from one
     * datum along one baseline.
     *
     * @param stackHolds most cones in hand; as many as is usual where missing
     */
    record ChangeoverRequest(
            @NotNull @Valid CourseSetup from,
            @NotNull @Valid CourseSetup to,
            @NotNull LengthSystem system,
            @Min(1) @Max(Changeover.LARGEST_STACK) @Nullable Integer stackHolds,
            @Nullable Long yardId,
            @Valid @Nullable PlacementJson fromStand,
            @Valid @Nullable PlacementJson toStand,
            @Valid @Nullable AlongLine along) {}

    /**
     * Courses to be set up one after another from one datum.
     *
     * @param keepInOrder numbers of courses that keep the order in which they stand here
     * @param stackHolds most cones in hand; as many as is usual where missing
     */
    record DayOrderRequest(
            @NotNull @Size(min = 1, max = DayOrder.MOST) List<@NotNull @Valid CourseSetup> courses,
            @NotNull @Size(max = DayOrder.MOST) List<@NotNull Integer> keepInOrder,
            @NotNull LengthSystem system,
            @Min(1) @Max(Changeover.LARGEST_STACK) @Nullable Integer stackHolds) {}

    /** Where each cone of a course goes, by every way of measuring, in metres. */
    @PostMapping("/calculations/setup-sheets")
    SetupResponse findSetup(@Valid @RequestBody SetupRequest request) {
        return service.setup(request);
    }

    /**
     * Somebody's marks to ride a course by, taped as the course is.
     *
     * @param machineId whose line it is
     * @param level of the rider
     * @param mostLeanRadians most lean the rider uses; that of the level where missing
     */
    record RidingMarksRequest(
            @NotNull @Valid SetupRequest setup,
            @NotNull Long machineId,
            @NotNull RiderLevel level,

            @Nullable @DecimalMin(LeanLimit.LEAST) @DecimalMax(LeanLimit.GREATEST)
            Double mostLeanRadians) {
        private RiderLimits limits() {
            return LeanLimit.limits(level, mostLeanRadians);
        }
    }

    /** The marks in the order they are come to; none on a course without a turn. */
    record RidingMarksResponse(List<ChalkedMark> marks) {}

    /** What is chalked to ride a course by, on the line drawn for a machine and rider. */
    @PostMapping("/calculations/riding-marks")
    RidingMarksResponse findRidingMarks(@Valid @RequestBody RidingMarksRequest request) {
        SetupRequest asked = request.setup();
        Course course = asked.laid().course().course();
        @Nullable CoursePlacement stand = PlacementJson.checked(asked.stand(), "stand");
        EvaluationService.LineDrawing drawn =
                evaluations.drawn(course, request.machineId(), request.limits(), asked.yardId(), stand);
        SetupSheet sheet = service.sheet(asked.laid().nested(), asked.system(), asked.yardId(), stand, asked.along());
        return new RidingMarksResponse(sheet.chalked(drawn.marks()));
    }

    /** What the way of measuring does to the room; asked again, it goes on from where time ran out. */
    @PostMapping("/calculations/setup-accuracies")
    Accuracy findSetupAccuracy(@Valid @RequestBody CalculationRequest request) {
        return accuracies.accuracy(request);
    }

    /** From one laid course to another: one walk with a stack of cones in hand, in metres and minutes. */
    @PostMapping("/calculations/changeovers")
    Changeover planChangeover(@Valid @RequestBody ChangeoverRequest request) {
        boolean onYard = request.fromStand() != null && request.toStand() != null;
        AlongLine along = onYard ? request.along() : null;
        SetupSheet from = service.sheet(
                request.from().nested(),
                request.system(),
                request.yardId(),
                PlacementJson.checked(request.fromStand(), "fromStand"),
                along);
        SetupSheet to = service.sheet(
                request.to().nested(),
                request.system(),
                request.yardId(),
                PlacementJson.checked(request.toStand(), "toStand"),
                along);
        int holds = stack(request.stackHolds());
        return scheduler.whole(
                Priority.ONE, "this changeover", () -> Changeover.between(from, to, SetupSheet.DATUM, holds));
    }

    /** The order of a day's courses with the least changeover. */
    @PostMapping("/calculations/day-orders")
    DayOrder findDayOrder(@Valid @RequestBody DayOrderRequest request) {
        return orders.best(
                request.courses().stream().map(CourseSetup::nested).toList(),
                request.keepInOrder(),
                request.system(),
                stack(request.stackHolds()));
    }

    private static int stack(@Nullable Integer holds) {
        return holds == null ? Changeover.USUAL_STACK : holds;
    }

    /** What two taped diagonals mean: how far out of square, in radians and metres. */
    @PostMapping("/calculations/square-checks")
    SquareCheck checkSquare(@Valid @RequestBody SquareRequest request) {
        Corners corners = Corners.of(request.laid().nested().widest().plan().cones())
                .orElseThrow(() ->
                        RefusedException.of("no-corners", "laid", "This kind of course has no four corners to check."));
        double first = request.first().measured("first").metres();
        double second = request.second().measured("second").metres();
        RefusedException.unlessNone(
                new Checks().add(SquareCheck.check(corners.depthMetres(), corners.widthMetres(), first, second)));
        return SquareCheck.fromDiagonals(corners.depthMetres(), corners.widthMetres(), first, second);
    }
}
