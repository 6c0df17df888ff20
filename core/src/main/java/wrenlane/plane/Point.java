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

    /** The point mirrored in the course's x axis. */
    public Point mirrored() {
        return new Point(x, -y);
    }
}
