package wrenlane.server.setout;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.finding.Checks;
import wrenlane.rideline.Ladder;
import wrenlane.rideline.Ride;
import wrenlane.server.course.CourseLimits;
import wrenlane.server.course.CourseRequest;
import wrenlane.server.course.EvaluationService;
import wrenlane.server.course.ReckonRequest;
import wrenlane.server.http.RefusedException;
import wrenlane.server.length.LengthJson;
import wrenlane.server.placing.StandJson;
import wrenlane.server.setout.SetOutRequest.AlongLine;
import wrenlane.setout.ChangeOver;
import wrenlane.setout.Corners;
import wrenlane.setout.DayOrder;
import wrenlane.setout.SetOutAccuracy;
import wrenlane.setout.SetOutSheet;
import wrenlane.setout.SquareCheck;
import wrenlane.units.LengthSystem;

/** Set-out figures. Stores nothing. */
@RestController
@RequestMapping("/api")
class SetOutController {
    private final SetOutService service;
    private final EvaluationService evaluations;
    private final CourseLimits limits;

    SetOutController(SetOutService service, EvaluationService evaluations, CourseLimits limits) {
        this.service = service;
        this.evaluations = evaluations;
        this.limits = limits;
    }

    /**
     * Two diagonals as taped on the ground.
     *
     * @param first from the datum corner A to C
     * @param second from B to D
     */
    record SquareRequest(
            @NotNull @Valid CourseRequest course,
            @NotNull @Valid LengthJson first,
            @NotNull @Valid LengthJson second) {}

    /**
     * Two courses, one set up out of the other: both from one side of the yard where both stand on it, else both from one
     * datum along one baseline.
     */
    record ChangeOverRequest(
            @NotNull @Valid CourseRequest from,
            @NotNull @Valid CourseRequest to,
            @NotNull LengthSystem system,
            @Nullable Long yardId,
            @Valid @Nullable StandJson fromStand,
            @Valid @Nullable StandJson toStand,
            @Valid @Nullable AlongLine along) {}

    /**
     * Courses to be set up one after another from one datum.
     *
     * @param keepInOrder numbers of courses that keep the order in which they stand here
     */
    record DayOrderRequest(
            @NotNull @Size(min = 1, max = DayOrder.MOST) List<@NotNull @Valid CourseRequest> courses,
            @NotNull @Size(max = DayOrder.MOST) List<@NotNull Integer> keepInOrder,
            @NotNull LengthSystem system) {}

    @PostMapping("/set-outs")
    SetOutResponse setOut(@Valid @RequestBody SetOutRequest request) {
        return service.setOut(request);
    }

    /** What the way of measuring does to the room. */
    @PostMapping("/set-out-accuracies")
    SetOutAccuracy setOutAccuracy(@Valid @RequestBody ReckonRequest request) {
        Long machineId = request.machineId();
        if (machineId == null) {
            throw RefusedException.of("no-machine", "machineId", "Choose the machine whose room is asked for.");
        }
        var course = request.course().course();
        Ride ride = evaluations.ride(request, machineId);
        return SetOutAccuracy.of(
                course,
                ride,
                limits.ladder(course, ride.turn()).rungs().stream()
                        .map(Ladder.Rung::settingMetres)
                        .toList());
    }

    @PostMapping("/change-overs")
    ChangeOver changeOver(@Valid @RequestBody ChangeOverRequest request) {
        boolean onYard = request.fromStand() != null && request.toStand() != null;
        AlongLine along = onYard ? request.along() : null;
        return ChangeOver.between(
                service.sheet(request.from().course(), request.system(), request.yardId(), request.fromStand(), along),
                service.sheet(request.to().course(), request.system(), request.yardId(), request.toStand(), along),
                SetOutSheet.DATUM);
    }

    /** The order of a day's courses with the least change-over. */
    @PostMapping("/day-orders")
    DayOrder dayOrder(@Valid @RequestBody DayOrderRequest request) {
        int n = request.courses().size();
        Checks checks = new Checks();
        request.keepInOrder()
                .forEach(i -> checks.add(Checks.range("keepInOrder", "A course's number", i, 0, n - 1, "")));
        RefusedException.unlessNone(checks);
        return DayOrder.best(
                request.courses().stream()
                        .map(c -> SetOutSheet.of(c.course(), request.system()))
                        .toList(),
                request.keepInOrder().stream().distinct().sorted().toList(),
                SetOutSheet.DATUM);
    }

    @PostMapping("/square-checks")
    SquareCheck squareCheck(@Valid @RequestBody SquareRequest request) {
        Corners corners = Corners.of(request.course().course().plan().cones())
                .orElseThrow(() -> RefusedException.of(
                        "no-corners", "course", "This kind of course has no four corners to check."));
        double first = request.first().measured("first").metres();
        double second = request.second().measured("second").metres();
        RefusedException.unlessNone(
                new Checks().add(SquareCheck.check(corners.depthMetres(), corners.widthMetres(), first, second)));
        return SquareCheck.fromDiagonals(corners.depthMetres(), corners.widthMetres(), first, second);
    }
}
