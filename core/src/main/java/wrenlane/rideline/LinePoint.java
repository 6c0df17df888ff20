package wrenlane.rideline;

import wrenlane.plane.Point;

/**
 * One instant of a ride line.
 *
 * @param distanceMetres along the rear path from its start
 * @param rear rear contact
 * @param front front contact: one wheelbase ahead along the heading
 * @param headingRadians 0 along +x, anticlockwise
 * @param curvature of the rear path, 1/m, left positive
 */
public record LinePoint(double distanceMetres, Point rear, Point front, double headingRadians, double curvature) {
    /** The same instant mirrored in the x axis. */
    LinePoint mirrored() {
        return new LinePoint(distanceMetres, rear.mirrored(), front.mirrored(), -headingRadians, -curvature);
    }
}
