package wrenlane.yard;

import wrenlane.plane.Point;
import wrenlane.units.MeasuredLength;

/**
 * One thing measured of an outline, as a function of its corners.
 *
 * @param what it is called
 * @param corner whose angle it is; the first end of a length otherwise
 * @param from the corner before, of an angle; the first end of a length
 * @param to the corner after, of an angle; the second end of a length
 * @param angle whether it is an angle inside the yard, in radians; a length in metres otherwise
 * @param measured in radians or metres
 * @param deviation one standard deviation of it
 */
record OutlineMeasure(String what, int corner, int from, int to, boolean angle, double measured, double deviation) {
    /** The length from corner to corner. */
    static OutlineMeasure length(String what, int from, int to, MeasuredLength length) {
        return new OutlineMeasure(
                what, from, from, to, false, length.metres(), Math.max(1e-3, length.uncertaintyMetres()));
    }

    /** What these corners make of it. */
    double of(Point[] at) {
        return angle ? interior(at[from], at[corner], at[to]) : at[from].distanceTo(at[to]);
    }

    /** By how many deviations the corners miss it; of angles the shorter way round. */
    double residual(Point[] at) {
        double off = of(at) - measured;
        return (angle ? Math.IEEEremainder(off, 2 * Math.PI) : off) / deviation;
    }

    /**
     * Adds the derivatives of the residual by the corners' places: row[2i] by x, row[2i + 1] by y of corner i.
     *
     * <p>Of a length by its second end: the unit vector from the first. Of an angle, the direction to the corner before
     * less that to the corner after; a direction (dx, dy)/r changes by (−dy, dx)/r² with its far end.
     */
    void derivatives(Point[] at, double[] row) {
        if (angle) {
            addDirection(at, from, row, 1 / deviation);
            addDirection(at, to, row, -1 / deviation);
            return;
        }
        double r = Math.max(1e-9, at[from].distanceTo(at[to]));
        double ex = (at[to].x() - at[from].x()) / r / deviation;
        double ey = (at[to].y() - at[from].y()) / r / deviation;
        add(row, to, ex, ey);
        add(row, from, -ex, -ey);
    }

    private void addDirection(Point[] at, int far, double[] row, double weight) {
        double dx = at[far].x() - at[corner].x();
        double dy = at[far].y() - at[corner].y();
        double square = Math.max(1e-9, dx * dx + dy * dy);
        add(row, far, -dy / square * weight, dx / square * weight);
        add(row, corner, dy / square * weight, -dx / square * weight);
    }

    private static void add(double[] row, int corner, double x, double y) {
        row[2 * corner] += x;
        row[2 * corner + 1] += y;
    }

    /** The angle inside an outline walked anticlockwise, from 0 to 2π. */
    static double interior(Point before, Point at, Point after) {
        double angle = Math.atan2(before.y() - at.y(), before.x() - at.x())
                - Math.atan2(after.y() - at.y(), after.x() - at.x());
        return angle < 0 ? angle + 2 * Math.PI : angle;
    }
}
