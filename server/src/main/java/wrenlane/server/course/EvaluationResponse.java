package wrenlane.server.course;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.course.Cone;
import wrenlane.course.CourseLine;
import wrenlane.course.Point;
import wrenlane.machine.Side;
import wrenlane.rideline.Ladder;
import wrenlane.yard.Caution;

/**
 * A course reckoned.
 *
 * @param cones in set-out order
 * @param lines both wheels stay inside of
 * @param turnSide the side turned to as drawn
 * @param pairs one answer for each pair asked for, in their order
 * @param drawn line of the first pair, if there is one
 * @param ladder rungs of the first pair's machine, both sides together
 * @param cautions what does not suit the yard
 */
record EvaluationResponse(
        List<Cone> cones,
        List<CourseLine> lines,
        Side turnSide,
        List<PairFit> pairs,
        @Nullable DrawnLine drawn,
        @Nullable Ladder ladder,
        List<Caution> cautions) {

    /**
     * Answers for one pair.
     *
     * @param asSet to the side the box is set for
     * @param mirrored to the other side, entered along the other line
     */
    record PairFit(long machineId, FitJson asSet, FitJson mirrored) {}

    /**
     * The ride line to draw, a point about every 6 cm.
     *
     * @param rear rear contacts
     * @param front front contacts
     * @param bandLeft left edge of the ground the bar ends pass over
     * @param bandRight right edge
     */
    record DrawnLine(List<Point> rear, List<Point> front, List<Point> bandLeft, List<Point> bandRight) {}
}
