package wrenlane.riding;

import java.util.List;
import wrenlane.course.Course;
import wrenlane.course.CourseKind.TurnSides;
import wrenlane.course.plan.CoursePlan;
import wrenlane.plane.Point;

/** A rectangle of ground along a course's axes, in metres. */
public record Ground(double minX, double maxX, double minY, double maxY) {
    /** Bars, panniers and boots reach this far beyond the wheels, in metres; chosen by us: half of a wide machine. */
    private static final double BESIDE_METRES = 0.5;

    /** People stand so far from the widest point of where a machine may come, in metres; from practice. */
    public static final double PEOPLE_METRES = 2;

    /**
     * A machine reaches so far beyond its way, which is its rear wheel's, and beside it where it goes straight on across a turn,
     * in metres; chosen by us: the longest machine's front tyre is 2 m ahead, and the bars of the widest 0.5 m beside.
     */
    private static final double MACHINE_METRES = 2.5;

    /** The ground ridden on, run-in and run-out of the straights included. */
    public static Ground ridden(CoursePlan plan) {
        CoursePlan.Area a = plan.area();
        return new Ground(a.minX(), a.maxX(), a.minY(), a.maxY());
    }

    /** The same with all that a machine reaches which goes straight on from anywhere on the way, bars and all. */
    public static Ground withRunOut(CoursePlan plan) {
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

    /**
     * Ground that nobody stands on while somebody rides, whichever machine it is and to whichever side: {@value #PEOPLE_METRES}
     * m beyond everything a machine's widest point comes to, straight on from anywhere included.
     */
    public static Ground closedToPeople(Course course) {
        Ground ground = withRunOut(course.plan());
        if (course.kind().turning() == TurnSides.ONE_SIDE) {
            // Ridden to the other side it is entered along its other line.
            Ground ridden = ridden(course.plan());
            double twice = ridden.minY + ridden.maxY;
            ground = ground.reaching(ground.minX, twice - ground.minY).reaching(ground.minX, twice - ground.maxY);
        }
        return ground.grown(MACHINE_METRES + PEOPLE_METRES);
    }

    private Ground grown(double metres) {
        return new Ground(minX - metres, maxX + metres, minY - metres, maxY + metres);
    }

    private Ground reaching(double x, double y) {
        return new Ground(Math.min(minX, x), Math.max(maxX, x), Math.min(minY, y), Math.max(maxY, y));
    }

    /** The same, shorter along x by some metres at its start. */
    public Ground shorter(double metres) {
        return new Ground(minX + metres, maxX, minY, maxY);
    }

    /** The same, narrower by some metres at its right. */
    public Ground narrower(double metres) {
        return new Ground(minX, maxX, minY + metres, maxY);
    }

    public double lengthMetres() {
        return maxX - minX;
    }

    public double widthMetres() {
        return maxY - minY;
    }

    public double areaSquareMetres() {
        return lengthMetres() * widthMetres();
    }

    /** Whether a place in the course's axes lies on it. */
    public boolean holds(Point p) {
        return p.x() >= minX && p.x() <= maxX && p.y() >= minY && p.y() <= maxY;
    }

    /** Its middle, in the course's axes. */
    public Point middle() {
        return new Point((minX + maxX) / 2, (minY + maxY) / 2);
    }
}
