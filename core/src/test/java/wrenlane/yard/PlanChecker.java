package wrenlane.yard;

import java.util.ArrayList;
import java.util.List;
import wrenlane.plane.Point;
import wrenlane.riding.Ground;

/** Checks a plan by points sampled every decimetre, with nothing but distances and counted crossings. */
final class PlanChecker {
    private static final double STEP_METRES = 0.1;

    /** Touching is allowed, and figures are rounded. */
    private static final double SLACK_METRES = 0.002;

    private final Yard yard;
    private final List<PlacedGround> courses;

    PlanChecker(Yard yard, List<PlacedGround> courses) {
        this.yard = yard;
        this.courses = courses;
    }

    List<String> faults() {
        List<String> faults = new ArrayList<>();
        for (PlacedGround c : courses) {
            Ground g = c.ground().withRunOut();
            for (Point p : rim(g)) {
                Point at = c.stand().toYard(p);
                if (!within(at)) {
                    faults.add(c.name() + " leaves the yard at " + at);
                }
            }
            for (double x = g.minX(); x <= g.maxX(); x += STEP_METRES) {
                for (double y = g.minY(); y <= g.maxY(); y += STEP_METRES) {
                    meets(c, c.stand().toYard(new Point(x, y)), faults);
                }
            }
        }
        return faults.size() > 5 ? faults.subList(0, 5) : faults;
    }

    private void meets(PlacedGround c, Point at, List<String> faults) {
        for (PlacedGround other : courses) {
            if (other != c && inside(other.ground().withRunOut(), other.stand().toCourse(at))) {
                faults.add(c.name() + " meets " + other.name() + " at " + at);
            }
        }
        for (Obstacle o : yard.obstacles()) {
            Point there = new CoursePlacement(o.at().x(), o.at().y(), o.turnRadians()).toCourse(at);
            double dx = Math.max(0, Math.abs(there.x()) - o.lengthMetres() / 2);
            double dy = Math.max(0, Math.abs(there.y()) - o.widthMetres() / 2);
            if (o.kind().blocks() && Math.hypot(dx, dy) < o.keepClearMetres() - SLACK_METRES) {
                faults.add(c.name() + " is too close to " + o.kind() + " at " + at);
            }
        }
    }

    private static boolean inside(Ground g, Point p) {
        return p.x() > g.minX() + SLACK_METRES
                && p.x() < g.maxX() - SLACK_METRES
                && p.y() > g.minY() + SLACK_METRES
                && p.y() < g.maxY() - SLACK_METRES;
    }

    private static List<Point> rim(Ground g) {
        List<Point> rim = new ArrayList<>();
        for (double x = g.minX(); x <= g.maxX(); x += STEP_METRES) {
            rim.add(new Point(x, g.minY()));
            rim.add(new Point(x, g.maxY()));
        }
        for (double y = g.minY(); y <= g.maxY(); y += STEP_METRES) {
            rim.add(new Point(g.minX(), y));
            rim.add(new Point(g.maxX(), y));
        }
        rim.add(new Point(g.maxX(), g.maxY()));
        return rim;
    }

    /** Inside by counted crossings, or on the rim. */
    private boolean within(Point p) {
        List<Point> corners = yard.outline();
        boolean inside = false;
        for (int i = 0; i < corners.size(); i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % corners.size());
            if (distance(p, a, b) < SLACK_METRES) {
                return true;
            }
            if ((a.y() > p.y()) != (b.y() > p.y())
                    && p.x() < a.x() + (p.y() - a.y()) / (b.y() - a.y()) * (b.x() - a.x())) {
                inside = !inside;
            }
        }
        return inside;
    }

    private static double distance(Point p, Point a, Point b) {
        double lx = b.x() - a.x();
        double ly = b.y() - a.y();
        double t = ((p.x() - a.x()) * lx + (p.y() - a.y()) * ly) / (lx * lx + ly * ly);
        double u = Math.max(0, Math.min(1, t));
        return p.distanceTo(new Point(a.x() + u * lx, a.y() + u * ly));
    }
}
