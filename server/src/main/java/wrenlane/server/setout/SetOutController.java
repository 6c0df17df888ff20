package wrenlane.server.setout;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.finding.Checks;
import wrenlane.server.course.CourseRequest;
import wrenlane.server.http.RefusedException;
import wrenlane.server.length.LengthJson;
import wrenlane.setout.ChangeOver;
import wrenlane.setout.Corners;
import wrenlane.setout.SetOutSheet;
import wrenlane.setout.SquareCheck;
import wrenlane.setout.TwoTapes;
import wrenlane.setout.WalkingOrder;
import wrenlane.units.LengthSystem;

/** Set-out figures. Stores nothing. */
@RestController
@RequestMapping("/api")
class SetOutController {
    /** A course to set out, with figures rounded for a tape in one system. */
    record SetOutRequest(
            @NotNull @Valid CourseRequest course, @NotNull LengthSystem system) {}

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
     * A course set out.
     *
     * @param sheet along and across
     * @param walk the sheet's steps in an order with little walking, from the datum, where the cones are stacked
     * @param tapes the same cones by two tapes
     */
    record SetOutResponse(SetOutSheet sheet, WalkingOrder walk, TwoTapes tapes) {}

    /** Two courses set out from the same datum along the same baseline, one after the other. */
    record ChangeOverRequest(
            @NotNull @Valid CourseRequest from,
            @NotNull @Valid CourseRequest to,
            @NotNull LengthSystem system) {}

    @PostMapping("/set-outs")
    SetOutResponse setOut(@Valid @RequestBody SetOutRequest request) {
        SetOutSheet sheet = SetOutSheet.of(request.course().course(), request.system());
        return new SetOutResponse(sheet, sheet.walk(), TwoTapes.of(sheet));
    }

    @PostMapping("/change-overs")
    ChangeOver changeOver(@Valid @RequestBody ChangeOverRequest request) {
        return ChangeOver.between(
                SetOutSheet.of(request.from().course(), request.system()),
                SetOutSheet.of(request.to().course(), request.system()),
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
