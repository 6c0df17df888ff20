package wrenlane.server.ground.setup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wrenlane.course.NestedCourse;
import wrenlane.finding.Checks;
import wrenlane.server.course.evaluation.PlanJson;
import wrenlane.server.ground.placement.PlacementJson;
import wrenlane.server.ground.setup.SetupRequest.AlongLine;
import wrenlane.server.ground.setup.SetupRequest.YardLine;
import wrenlane.server.ground.setup.SetupResponse.ChalkMark;
import wrenlane.server.ground.setup.SetupResponse.MarkUse;
import wrenlane.server.ground.yard.YardService;
import wrenlane.server.platform.calculation.ComputeScheduler;
import wrenlane.server.platform.calculation.Priority;
import wrenlane.server.platform.calculation.StateCache;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.server.platform.storage.Storage;
import wrenlane.setup.Baseline;
import wrenlane.setup.CountedSheet;
import wrenlane.setup.RingSheet;
import wrenlane.setup.SetupSheet;
import wrenlane.setup.TwoTapes;
import wrenlane.units.Calibration;
import wrenlane.units.Calibrations;
import wrenlane.units.LengthSystem;
import wrenlane.units.MeasuredLength;
import wrenlane.yard.CoursePlacement;
import wrenlane.yard.NamedYard;

/** Sets courses out on the yard they stand on. */
@Service
public class SetupService {
    /** Memory for what is set out, in bytes. */
    private static final long MOST_BYTES = 4_000_000;

    /** A cone by every way of measuring, in bytes: an estimate. */
    private static final int CONE_BYTES = 3_000;

    private final YardService yards;
    private final ComputeScheduler scheduler;
    private final StateCache<SetupRequest, SetupResponse> kept;

    SetupService(YardService yards, ComputeScheduler scheduler, Storage storage) {
        this.yards = yards;
        this.scheduler = scheduler;
        this.kept = new StateCache<>(
                storage::state, MOST_BYTES, of -> of.sheet().steps().size() * CONE_BYTES, of -> true);
    }

    SetupResponse setup(SetupRequest request) {
        return kept.get(request, () -> scheduler.whole(Priority.ONE, "where the cones go", () -> computed(request)));
    }

    private SetupResponse computed(SetupRequest request) {
        SetupSheet sheet = sheet(
                request.laid().nested(),
                request.system(),
                request.yardId(),
                PlacementJson.checked(request.stand(), "stand"),
                request.along());
        TwoTapes tapes = TwoTapes.of(sheet);
        RingSheet rings = RingSheet.of(sheet);
        Calibrations known = Optional.ofNullable(request.yardId())
                .map(id -> yards.get(id.longValue()))
                .map(NamedYard::calibrations)
                .orElse(Calibrations.NONE);
        return new SetupResponse(
                PlanJson.of(request.laid().nested().plan()),
                sheet,
                sheet.walk(),
                tapes,
                rings.rings().isEmpty() ? null : rings,
                bay(request, known).map(bay -> CountedSheet.inBays(sheet, bay)).orElse(null),
                known.pace().map(pace -> CountedSheet.inPaces(sheet, pace)).orElse(null),
                marks(sheet, tapes, rings));
    }

    /** The sheet of a course from a side of the yard it stands on, or else from its own corner. */
    public SetupSheet sheet(
            NestedCourse course,
            LengthSystem system,
            @Nullable Long yardId,
            @Nullable CoursePlacement stand,
            @Nullable AlongLine along) {
        return SetupSheet.of(course, baseline(course, yardId, stand, along), SetupSheet.handyStep(system));
    }

    private Baseline baseline(
            NestedCourse course, @Nullable Long yardId, @Nullable CoursePlacement stand, @Nullable AlongLine along) {
        if (yardId == null || stand == null || along == null) {
            return Baseline.ownCorner(course);
        }
        NamedYard yard = yards.get(yardId);
        checkLine(yard, along);
        return along.line() == YardLine.SIDE
                ? Baseline.alongSide(
                        yard.yard().outline(), along.number(), yard.sideName(along.number()), along.fromItsEnd(), stand)
                : Baseline.alongBays(yard.yard().bays().get(along.number()), stand);
    }

    private static void checkLine(NamedYard yard, AlongLine along) {
        int lines = along.line() == YardLine.SIDE
                ? yard.yard().outline().size()
                : yard.yard().bays().size();
        RefusedException.unlessNone(
                new Checks().add(Checks.range("along.number", "The line's number", along.number(), 0, lines - 1, "")));
    }

    /** The bays counted: those of the row measured along, else the yard's. */
    private Optional<Calibration> bay(SetupRequest request, Calibrations known) {
        AlongLine along = request.along();
        Long yardId = request.yardId();
        if (along == null || yardId == null || along.line() != YardLine.BAY_ROW) {
            return known.bay();
        }
        NamedYard yard = yards.get(yardId);
        checkLine(yard, along);
        return Optional.of(new Calibration(
                1, MeasuredLength.taped(yard.yard().bays().get(along.number()).bayMetres())));
    }

    private static List<ChalkMark> marks(SetupSheet sheet, TwoTapes tapes, RingSheet rings) {
        Baseline baseline = sheet.baseline();
        List<ChalkMark> marks = new ArrayList<>();
        marks.add(new ChalkMark("datum", MarkUse.DATUM, baseline.datum()));
        marks.add(new ChalkMark("P", MarkUse.TWO_TAPES, baseline.place(tapes.first())));
        marks.add(new ChalkMark("Q", MarkUse.TWO_TAPES, baseline.place(tapes.second())));
        for (int i = 0; i < rings.rings().size(); i++) {
            marks.add(new ChalkMark(
                    "centre " + (i + 1),
                    MarkUse.RINGS,
                    baseline.place(rings.rings().get(i).centre())));
        }
        return marks;
    }
}
