package wrenlane.server.ground.setup;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.plane.Point;
import wrenlane.server.course.evaluation.PlanJson;
import wrenlane.setup.CountedSheet;
import wrenlane.setup.RingSheet;
import wrenlane.setup.SetupSheet;
import wrenlane.setup.TwoTapes;
import wrenlane.setup.WalkingOrder;

/**
 * A course set out.
 *
 * @param plan the course on the ground, at all settings it stands at
 * @param sheet along and across
 * @param walk the sheet's steps in an order with little walking, from the datum, where the cones are stacked
 * @param tapes the same cones by two tapes
 * @param rings the same by centre and radius; missing where the course has no rings
 * @param bays the same counted in this yard's bays; missing where they are not taped
 * @param paces the same in this instructor's paces; missing where they are not known
 * @param marks what is chalked on the ground, in the course's axes
 */
record SetupResponse(
        PlanJson plan,
        SetupSheet sheet,
        WalkingOrder walk,
        TwoTapes tapes,
        @Nullable RingSheet rings,
        @Nullable CountedSheet bays,
        @Nullable CountedSheet paces,
        List<ChalkMark> marks) {
    /**
     * A mark to chalk.
     *
     * @param label datum, P, Q, or the centre of a ring
     */
    record ChalkMark(String label, MarkUse use, Point at) {}

    /** What a mark is chalked for. */
    enum MarkUse {
        DATUM,
        TWO_TAPES,
        RINGS
    }
}
