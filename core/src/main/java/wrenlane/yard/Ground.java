package wrenlane.yard;

import java.util.List;
import org.locationtech.jts.geom.Polygon;
import wrenlane.course.plan.CoursePlan;
import wrenlane.plane.Point;
import wrenlane.riding.RunOut;

/** A rectangle of ground along a course's axes, in metres. */
public record Ground(double minX, double maxX, double minY, double maxY) {
    /** Bars, panniers and boots reach this far beyond the wheels, in metres; chosen by us: half of a wide machine. */
    private static final double BESIDE_METRES = 0.5;

    /** The ground ridden on, run-in and run-out of the straights included. */
    static Ground ridden(CoursePlan plan) {
        CoursePlan.Area a = plan.area();
        return new Ground(a.minX(), a.maxX(), a.minY(), a.maxY());
    }

    /** The same with all that a machine reaches which goes straight on from anywhere on the way, bars and all. */
    static Ground withRunOut(CoursePlan plan) {
        Ground ground = ridden(plan);
        List<Point> way = plan.route().points();
        for (int i = 1; i < way.size(); i++) {
            Point from = way.get(i - 1);
            Point to = way.get(i);
            double length = from.distanceTo(to);
            if (length > 0) {
                double reach = RunOut.LEAST_METRES / length;
                ground = ground.reaching(to.x() + (to.x() - from.x()) * reach, to.y() + (to.y() - from.y()) * reach);
            }
        }
        return new Ground(
                ground.minX - BESIDE_METRES,
                ground.maxX + BESIDE_METRES,
                ground.minY - BESIDE_METRES,
                ground.maxY + BESIDE_METRES);
    }

    private Ground reaching(double x, double y) {
        return new Ground(Math.min(minX, x), Math.max(maxX, x), Math.min(minY, y), Math.max(maxY, y));
    }

    /** The same, shorter along x by some metres at its start. */
    Ground shorter(double metres) {
        return new Ground(minX + metres, maxX, minY, maxY);
    }

    /** The same, narrower by some metres at its right. */
    Ground narrower(double metres) {
        return new Ground(minX, maxX, minY + metres, maxY);
    }

    public double lengthMetres() {
        return maxX - minX;
    }

    public double widthMetres() {
        return maxY - minY;
    }

    double areaSquareMetres() {
        return lengthMetres() * widthMetres();
    }

    /** Whether a place in the course's axes lies on it. */
    boolean holds(Point p) {
        return p.x() >= minX && p.x() <= maxX && p.y() >= minY && p.y() <= maxY;
    }

    /** Its middle, in the course's axes. */
    Point middle() {
        return new Point((minX + maxX) / 2, (minY + maxY) / 2);
    }

    /** Its corners where the course stands, anticlockwise. */
    List<Point> corners(Stand stand) {
        return List.of(
                stand.toYard(new Point(minX, minY)),
                stand.toYard(new Point(maxX, minY)),
                stand.toYard(new Point(maxX, maxY)),
                stand.toYard(new Point(minX, maxY)));
    }

    Polygon polygon(Stand stand) {
        return Shapes.polygon(corners(stand));
    }
}
