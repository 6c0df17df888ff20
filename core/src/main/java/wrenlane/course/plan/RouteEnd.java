package wrenlane.course.plan;

import wrenlane.plane.Point;

/**
 * How a ride begins or ends: the rear contact's place and heading, and how far each may be chosen.
 *
 * @param at rear contact where nothing is chosen otherwise
 * @param headingRadians 0 along +x, anticlockwise
 * @param leftMetres how far to the left of {@code at} it may be
 * @param rightMetres how far to the right
 * @param headingFreeRadians how far the heading may be off, either way
 * @param barsTurned whether the bars may already be, or still be, turned here
 * @param curvature of the way here where they may not, 1/m; 0 where it is straight
 */
public record RouteEnd(
        Point at,
        double headingRadians,
        double leftMetres,
        double rightMetres,
        double headingFreeRadians,
        boolean barsTurned,
        double curvature) {
    /** With the bars straight, or as they may be. */
    public RouteEnd(
            Point at,
            double headingRadians,
            double leftMetres,
            double rightMetres,
            double headingFreeRadians,
            boolean barsTurned) {
        this(at, headingRadians, leftMetres, rightMetres, headingFreeRadians, barsTurned, 0);
    }

    /** One place and heading, and nothing free. */
    public static RouteEnd exactly(Point at, double headingRadians, double curvature) {
        return new RouteEnd(at, headingRadians, 0, 0, 0, false, curvature);
    }

    public RouteEnd {
        if (!(leftMetres >= 0 && rightMetres >= 0 && headingFreeRadians >= 0)) {
            throw new IllegalArgumentException("freedoms are " + leftMetres + " m, " + rightMetres + " m and "
                    + headingFreeRadians + " rad; none lies below 0");
        }
    }

    /** How far to the left of the middle a place lies, in metres. */
    public double acrossMetres(Point p) {
        return (p.y() - at.y()) * Math.cos(headingRadians) - (p.x() - at.x()) * Math.sin(headingRadians);
    }

    /** The place so far to the left of the middle, in metres. */
    public Point aside(double metres) {
        return new Point(at.x() - metres * Math.sin(headingRadians), at.y() + metres * Math.cos(headingRadians));
    }

    public RouteEnd mirrored() {
        return new RouteEnd(
                at.mirrored(), -headingRadians, rightMetres, leftMetres, headingFreeRadians, barsTurned, -curvature);
    }
}
