package wrenlane.rideline;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wrenlane.course.plan.Barrier;
import wrenlane.course.plan.Route;
import wrenlane.course.plan.RouteEnd;
import wrenlane.machine.Side;
import wrenlane.plane.Point;
import wrenlane.rideline.CheckedLine.NearestClearance;
import wrenlane.rideline.CheckedLine.Part;

/**
 * Rides a line again, in steps of 2 cm, and measures every room with the machine's outline at its lean. Shares no code
 * with the solver: the path is integrated by another rule, distances are taken from the outline's corners and edges, and
 * nothing is believed but the curvature at the nodes and where the line starts.
 */
public final class LineChecker {
    /** Longest step, in metres. */
    private static final double STEP_METRES = 0.02;
    /** Share by which curvature and rate may be above their limits: rounding of the solver's unknowns. */
    private static final double ROUNDING = 1e-7;

    /** A node this near the end of a one-way stretch belongs to neither side, in metres: rounding of stations. */
    private static final double AT_AN_END = 1e-6;

    private LineChecker() {}

    /**
     * Rides and measures a line.
     *
     * @param start rear contact at its start
     * @param headingRadians there
     * @param spacingMetres between the nodes
     * @param curvatures at the nodes, 1/m
     */
    public static CheckedLine check(
            LineTask task, Point start, double headingRadians, double spacingMetres, List<Double> curvatures) {
        List<LinePoint> points =
                ride(task.footprint().wheelbaseMetres(), start, headingRadians, spacingMetres, curvatures);
        double turn = 0;
        double rate = 0;
        for (int i = 0; i < curvatures.size(); i++) {
            double k = curvatures.get(i);
            turn = Math.max(
                    turn, k > 0 ? k / task.limits().left() : -k / task.limits().right());
            if (i > 0) {
                rate = Math.max(
                        rate,
                        Math.abs(k - curvatures.get(i - 1))
                                / spacingMetres
                                / task.limits().rate());
            }
        }
        double toStation = task.route().lengthMetres() / (spacingMetres * (curvatures.size() - 1));
        List<NearestClearance> clearances = new ArrayList<>();
        for (Barrier keep : task.route().keeps()) {
            clearance(task, keep, points, toStation).ifPresent(clearances::add);
        }
        return new CheckedLine(
                new RideLine(points, spacingMetres, curvatures),
                clearances,
                turn - ROUNDING,
                rate - ROUNDING,
                Math.max(
                        miss(task.route().start(), points.get(0)),
                        Math.max(
                                miss(task.route().end(), points.get(points.size() - 1)),
                                wrongTurns(task.route(), points))),
                wrongBars(task.route(), curvatures));
    }

    /** The largest curvature beside what an end asks for, or against the side of a one-way stretch, at the nodes. */
    private static double wrongBars(Route route, List<Double> curvatures) {
        int last = curvatures.size() - 1;
        double wrong =
                Math.max(wrongBars(route.start(), curvatures.get(0)), wrongBars(route.end(), curvatures.get(last)));
        for (Route.RouteLeg way : route.oneWays()) {
            for (int i = 0; i <= last; i++) {
                double station = route.lengthMetres() * i / last;
                if (station > way.fromStation() + AT_AN_END && station < way.toStation() - AT_AN_END) {
                    wrong = Math.max(wrong, -way.side().sign() * curvatures.get(i));
                }
            }
        }
        return wrong;
    }

    private static double wrongBars(RouteEnd end, double curvature) {
        return end.barsTurned() ? 0 : Math.abs(curvature - end.curvature());
    }

    /** The path by the midpoint rule, heading in closed form on each piece: θ = θᵢ + κᵢs + ½κ's². */
    private static List<LinePoint> ride(
            double wheelbase, Point start, double heading, double spacing, List<Double> curvatures) {
        List<LinePoint> points = new ArrayList<>();
        double x = start.x();
        double y = start.y();
        double atNode = heading;
        for (int i = 0; i < curvatures.size() - 1; i++) {
            double k = curvatures.get(i);
            double slope = (curvatures.get(i + 1) - k) / spacing;
            int steps = (int) Math.ceil(spacing / STEP_METRES);
            double h = spacing / steps;
            for (int j = 0; j < steps; j++) {
                double s = j * h;
                points.add(point(wheelbase, i * spacing + s, x, y, atNode + s * (k + slope * s / 2), k + slope * s));
                double middle = s + h / 2;
                double at = atNode + middle * (k + slope * middle / 2);
                x += h * Math.cos(at);
                y += h * Math.sin(at);
            }
            atNode += spacing * (k + slope * spacing / 2);
        }
        int last = curvatures.size() - 1;
        points.add(point(wheelbase, last * spacing, x, y, atNode, curvatures.get(last)));
        return points;
    }

    private static LinePoint point(double wheelbase, double s, double x, double y, double heading, double k) {
        Point front = new Point(x + wheelbase * Math.cos(heading), y + wheelbase * Math.sin(heading));
        return new LinePoint(s, new Point(x, y), front, heading, k);
    }

    /** Whole turns that a line makes more, or fewer, than the way does, in radians: round the other way is another course. */
    private static double wrongTurns(Route route, List<LinePoint> points) {
        double made =
                points.get(points.size() - 1).headingRadians() - points.get(0).headingRadians();
        return 2 * Math.PI * Math.abs(Math.rint((made - route.turnedRadians()) / (2 * Math.PI)));
    }

    /** How far a point of the line is from where one of its ends may be: metres, or radians of heading. */
    private static double miss(RouteEnd end, LinePoint last) {
        double dx = last.rear().x() - end.at().x();
        double dy = last.rear().y() - end.at().y();
        double along = dx * Math.cos(end.headingRadians()) + dy * Math.sin(end.headingRadians());
        double across = dy * Math.cos(end.headingRadians()) - dx * Math.sin(end.headingRadians());
        double sideways = Math.max(0, Math.max(across - end.leftMetres(), -across - end.rightMetres()));
        double turned = Math.abs(Math.IEEEremainder(last.headingRadians() - end.headingRadians(), 2 * Math.PI));
        return Math.max(Math.abs(along), Math.max(sideways, turned - end.headingFreeRadians()));
    }

    /** The least room of one point of a line to all that counts there, in metres; infinite where nothing does. */
    static double clearanceAt(LineTask task, LinePoint p, double toStation) {
        double station = p.distanceMetres() * toStation;
        return task.route().keeps().stream()
                .filter(k -> station >= k.fromStation() && station <= k.toStation())
                .map(k -> k instanceof Barrier.ConeBarrier off
                        ? clearanceOff(task, off, p)
                        : clearanceInside(task, (Barrier.LineBarrier) k, p))
                .filter(Objects::nonNull)
                .mapToDouble(NearestClearance::clearanceMetres)
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** The least room to one thing over the stretch on which it counts, and what it lacks where it is passed wrongly. */
    private static Optional<NearestClearance> clearance(
            LineTask task, Barrier keep, List<LinePoint> points, double toStation) {
        NearestClearance least = null;
        for (LinePoint p : points) {
            double station = p.distanceMetres() * toStation;
            if (station >= keep.fromStation() && station <= keep.toStation() && !beyond(task, keep, p, least)) {
                least = lesser(
                        least,
                        keep instanceof Barrier.ConeBarrier off
                                ? clearanceOff(task, off, p)
                                : clearanceInside(task, (Barrier.LineBarrier) keep, p));
            }
        }
        if (keep instanceof Barrier.ConeBarrier off && off.side().isPresent()) {
            return Optional.ofNullable(lesser(least, passedWrongly(task, off, points, toStation)));
        }
        return Optional.ofNullable(least);
    }

    /** Whether no part of the machine can be nearer to a cone than was found before. */
    private static boolean beyond(LineTask task, Barrier keep, LinePoint p, @Nullable NearestClearance least) {
        return least != null
                && keep instanceof Barrier.ConeBarrier off
                && off.centre().distanceTo(p.rear())
                                - off.radiusMetres()
                                - task.footprint().wheelbaseMetres()
                                - task.footprint().widthMetres() / 2
                                - off.heightMetres()
                        > least.clearanceMetres();
    }

    /** What is lacking where the place nearest to a cone has it on the wrong side: the whole way across. */
    private static @Nullable NearestClearance passedWrongly(
            LineTask task, Barrier.ConeBarrier off, List<LinePoint> points, double toStation) {
        LinePoint nearest = null;
        double across = Double.POSITIVE_INFINITY;
        for (LinePoint p : points) {
            double station = p.distanceMetres() * toStation;
            if (station >= off.fromStation() && station <= off.toStation()) {
                double here = distance(off.centre(), p.rear(), p.front());
                if (here < across) {
                    across = here;
                    nearest = p;
                }
            }
        }
        if (nearest == null || side(off.centre(), nearest) == off.side().orElseThrow()) {
            return null;
        }
        double half = off.part() == Barrier.Part.BODY
                ? task.footprint().reachMetres(off.heightMetres(), 0)
                : task.footprint().tyreMetres() / 2;
        return new NearestClearance(
                off, -across - off.radiusMetres() - half, Part.REAR_WHEEL, nearest.distanceMetres());
    }

    private static @Nullable NearestClearance lesser(@Nullable NearestClearance a, @Nullable NearestClearance b) {
        if (a == null) {
            return b;
        }
        return b == null || a.clearanceMetres() <= b.clearanceMetres() ? a : b;
    }

    private static Side side(Point of, LinePoint p) {
        double left = Math.cos(p.headingRadians()) * (of.y() - p.rear().y())
                - Math.sin(p.headingRadians()) * (of.x() - p.rear().x());
        return left > 0 ? Side.LEFT : Side.RIGHT;
    }

    private static NearestClearance clearanceOff(LineTask task, Barrier.ConeBarrier off, LinePoint p) {
        double tyre = task.footprint().tyreMetres() / 2;
        double rear = off.centre().distanceTo(p.rear()) - off.radiusMetres() - tyre;
        double front = off.centre().distanceTo(p.front()) - off.radiusMetres() - tyre;
        Part part = front < rear ? Part.FRONT_WHEEL : Part.REAR_WHEEL;
        double clearance = Math.min(front, rear);
        if (off.part() == Barrier.Part.BODY) {
            double body = distance(off.centre(), p.rear(), p.front())
                    - off.radiusMetres()
                    - reach(task, p, off.heightMetres(), side(off.centre(), p));
            if (body < clearance) {
                clearance = body;
                part = Part.BODY;
            }
        }
        return new NearestClearance(off, clearance, part, p.distanceMetres());
    }

    /** How far the body reaches to a side at a height, in metres: from the lean's tangent, without the angle itself. */
    private static double reach(LineTask task, LinePoint p, double height, Side side) {
        double tan = task.limits().leanTangent(p.curvature());
        double cos = 1 / Math.sqrt(1 + tan * tan);
        return task.footprint().reachMetres(height, cos, side.sign() * tan * cos);
    }

    private static @Nullable NearestClearance clearanceInside(LineTask task, Barrier.LineBarrier line, LinePoint p) {
        double front = inside(line, p.front());
        double rear = inside(line, p.rear());
        if (!Double.isFinite(Math.min(front, rear))) {
            return null;
        }
        Part part = front < rear ? Part.FRONT_WHEEL : Part.REAR_WHEEL;
        double half = task.footprint().tyreMetres() / 2;
        if (line.part() == Barrier.Part.BODY) {
            part = Part.BODY;
            half = Math.max(
                    reach(task, p, Barrier.LINE_HEIGHT_METRES, Side.LEFT),
                    reach(task, p, Barrier.LINE_HEIGHT_METRES, Side.RIGHT));
        }
        return new NearestClearance(line, Math.min(front, rear) - half, part, p.distanceMetres());
    }

    /** Distance of a point inside a line; infinite where the point does not lie beside it. */
    private static double inside(Barrier.LineBarrier line, Point at) {
        double ex = line.to().x() - line.from().x();
        double ey = line.to().y() - line.from().y();
        double length = Math.sqrt(ex * ex + ey * ey);
        double px = at.x() - line.from().x();
        double py = at.y() - line.from().y();
        double along = (px * ex + py * ey) / length;
        if (along < 0 || along > length) {
            return Double.POSITIVE_INFINITY;
        }
        return line.inside().sign() * (ex * py - ey * px) / length;
    }

    /** Distance of a point from the line between two others. */
    private static double distance(Point from, Point a, Point b) {
        double ex = b.x() - a.x();
        double ey = b.y() - a.y();
        double share = ((from.x() - a.x()) * ex + (from.y() - a.y()) * ey) / (ex * ex + ey * ey);
        double t = Math.min(1, Math.max(0, share));
        double dx = from.x() - a.x() - t * ex;
        double dy = from.y() - a.y() - t * ey;
        return Math.sqrt(dx * dx + dy * dy);
    }
}
