package wrenlane.setup;

import java.util.List;
import wrenlane.course.NestedCourse;
import wrenlane.course.plan.Cone;
import wrenlane.machine.Side;
import wrenlane.plane.Point;
import wrenlane.yard.BayRow;
import wrenlane.yard.CoursePlacement;
import wrenlane.yard.MeasuredOutline;

/**
 * The line a tape is laid along, in a course's axes: figures run along it from a datum, and square to it.
 *
 * @param name for the sheet, such as {@code side AB, from A} or {@code the quay kerb AB, from A}
 * @param datum where the tape starts
 * @param directionRadians of the tape, from the course's x, anticlockwise
 * @param across the side of the tape that counts above zero
 */
public record Baseline(String name, Point datum, double directionRadians, Side across) {
    /** Along the run, from the corner from which no figure is negative. */
    public static Baseline ownCorner(NestedCourse course) {
        List<Cone> cones = course.plan().cones();
        Side firstTurn = course.widest().firstTurn();
        double sign = firstTurn.sign();
        double x = cones.stream().mapToDouble(c -> c.mark().x()).min().orElse(0);
        double y = sign
                * cones.stream().mapToDouble(c -> sign * c.mark().y()).min().orElse(0);
        return new Baseline("the run, from the course's own corner", new Point(x, y), 0, firstTurn);
    }

    /**
     * Along a side of the yard the course stands on, such as a kerb.
     *
     * @param outline the yard's corners, anticlockwise
     * @param side its number, 0 for AB
     * @param called what people call it, such as "quay kerb"; blank where they have no name for it
     * @param fromItsEnd whether the tape starts at the side's second corner
     * @param stand where the course stands
     */
    public static Baseline alongSide(
            List<Point> outline, int side, String called, boolean fromItsEnd, CoursePlacement stand) {
        int end = (side + 1) % outline.size();
        Point a = stand.toCourse(outline.get(fromItsEnd ? end : side));
        Point b = stand.toCourse(outline.get(fromItsEnd ? side : end));
        String first = MeasuredOutline.letter(side);
        String second = MeasuredOutline.letter(end);
        return new Baseline(
                (called.isBlank() ? "side " : "the " + called + " ") + first + second + ", from "
                        + (fromItsEnd ? second : first),
                a,
                Math.atan2(b.y() - a.y(), b.x() - a.x()),
                fromItsEnd ? Side.RIGHT : Side.LEFT);
    }

    /**
     * Along a row of painted bays, from the outer end of its first line, the bays on the side that counts above zero.
     *
     * @param row of the yard the course stands on
     * @param stand where the course stands
     */
    public static Baseline alongBays(BayRow row, CoursePlacement stand) {
        return new Baseline(
                "the row of bays, from its first line",
                stand.toCourse(row.at()),
                row.turnRadians() - stand.turnRadians(),
                Side.LEFT);
    }

    /** Along and across of a place in the course's axes. */
    public Point figures(Point place) {
        double dx = place.x() - datum.x();
        double dy = place.y() - datum.y();
        double c = Math.cos(directionRadians);
        double s = Math.sin(directionRadians);
        return new Point(c * dx + s * dy, across.sign() * (-s * dx + c * dy));
    }

    /** The place in the course's axes of figures along and across. */
    public Point place(Point figures) {
        double c = Math.cos(directionRadians);
        double s = Math.sin(directionRadians);
        double left = across.sign() * figures.y();
        return new Point(datum.x() + c * figures.x() - s * left, datum.y() + s * figures.x() + c * left);
    }
}
