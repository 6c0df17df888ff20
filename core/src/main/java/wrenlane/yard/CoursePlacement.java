package wrenlane.yard;

import java.util.List;
import wrenlane.plane.Point;
import wrenlane.riding.Ground;

/**
 * Where a course stands: its axes in the yard's.
 *
 * @param xMetres the course's origin along the yard's side AB, from A
 * @param yMetres the same, square to AB, to the left
 * @param turnRadians from the yard's x to the course's, anticlockwise
 */
public record CoursePlacement(double xMetres, double yMetres, double turnRadians) {
    /** Farthest from the yard's origin, in metres; chosen by us: no yard is longer. */
    public static final double FARTHEST_METRES = 1000;

    public CoursePlacement {
        if (!(Math.abs(xMetres) <= FARTHEST_METRES && Math.abs(yMetres) <= FARTHEST_METRES)) {
            throw new IllegalArgumentException("a course stands at " + xMetres + " m, " + yMetres
                    + " m; it lies within " + FARTHEST_METRES + " m of corner A");
        }
        if (!(Math.abs(turnRadians) <= 4 * Math.PI)) {
            throw new IllegalArgumentException(
                    "turnRadians is " + turnRadians + " rad; it lies within two turns either way");
        }
    }

    /** From the course's axes to the yard's. */
    public Point toYard(Point p) {
        double c = Math.cos(turnRadians);
        double s = Math.sin(turnRadians);
        return new Point(xMetres + c * p.x() - s * p.y(), yMetres + s * p.x() + c * p.y());
    }

    /** Corners of a course's ground in the yard's axes, anticlockwise. */
    List<Point> corners(Ground ground) {
        return List.of(
                toYard(new Point(ground.minX(), ground.minY())),
                toYard(new Point(ground.maxX(), ground.minY())),
                toYard(new Point(ground.maxX(), ground.maxY())),
                toYard(new Point(ground.minX(), ground.maxY())));
    }

    /** From the yard's axes to the course's. */
    public Point toCourse(Point p) {
        double c = Math.cos(turnRadians);
        double s = Math.sin(turnRadians);
        double dx = p.x() - xMetres;
        double dy = p.y() - yMetres;
        return new Point(c * dx + s * dy, -s * dx + c * dy);
    }
}
