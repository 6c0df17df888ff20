package wrenlane.plane;

/**
 * A place on the ground in a course's axes.
 *
 * @param x along the run, in metres
 * @param y to the left, in metres
 */
public record Point(double x, double y) {
    /** Distance to another point, in metres. */
    public double distanceTo(Point other) {
        return Math.sqrt((x - other.x) * (x - other.x) + (y - other.y) * (y - other.y));
    }

    /** The place on a straight line between two others that is nearest to this one. */
    public Point nearestBetween(Point from, Point to) {
        double ex = to.x - from.x;
        double ey = to.y - from.y;
        double share = ((x - from.x) * ex + (y - from.y) * ey) / (ex * ex + ey * ey);
        double t = Math.min(1, Math.max(0, share));
        return new Point(from.x + t * ex, from.y + t * ey);
    }

    /** The point mirrored in the course's x axis. */
    public Point mirrored() {
        return new Point(x, -y);
    }
}
