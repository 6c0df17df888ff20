package wrenlane.rideline.solve;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wrenlane.course.plan.Barrier;
import wrenlane.course.plan.Route;
import wrenlane.course.plan.RouteEnd;
import wrenlane.machine.Side;
import wrenlane.plane.Point;
import wrenlane.rideline.LinePoint;
import wrenlane.rideline.LineTask;
import wrenlane.rideline.RideLine;
import wrenlane.riding.Footprint;

/**
 * Rides a line a third time, in steps of 1 cm by Heun's rule, and looks at the machine's outline point by point: its two
 * sides at the lean it has, and the edges of both tyres. Every rule of the way is looked at. Shares nothing with the solver, nor with the checker.
 */
public final class Resimulation {
    private static final double STEP = 0.01;
    /** A millimetre: steps of this rule and samples along the outline, in metres. */
    private static final double TOLERANCE = 1e-3;

    /** Height of tall cones along a line, in metres. */
    private static final double BAR_HEIGHT = 0.45;

    private static final int ALONG = 12;

    /** No part of a machine is further than this from its contacts, in metres. */
    private static final double REACHES = 2;

    private Resimulation() {}

    /** The first rule that a line breaks, in words; empty where it breaks none. */
    public static Optional<String> broken(LineTask task, RideLine line) {
        LinePoint first = line.points().get(0);
        double x = first.rear().x();
        double y = first.rear().y();
        double heading = first.headingRadians();
        double length = line.lengthMetres();
        double toStation = task.route().lengthMetres() / length;
        int steps = (int) Math.ceil(length / STEP);
        double h = length / steps;
        Optional<String> bars =
                bars(task, line).or(() -> end(task.route().start(), first.rear(), first.headingRadians()));
        if (bars.isPresent()) {
            return bars;
        }
        Map<Barrier.ConeBarrier, double[]> passed = new LinkedHashMap<>();
        for (int i = 0; i <= steps; i++) {
            double s = i * h;
            double k = curvature(line, s);
            Optional<String> wrong = at(task, x, y, heading, k, s * toStation);
            if (wrong.isPresent()) {
                return wrong.map(w -> String.format("%s at %.2f m", w, s));
            }
            pass(task, passed, x, y, heading, s * toStation);
            if (i == steps) {
                Optional<String> end = end(task.route().end(), new Point(x, y), heading);
                if (end.isPresent()) {
                    return end;
                }
                break;
            }
            double next = heading + h * (k + curvature(line, Math.min(length, s + h))) / 2;
            x += h * (Math.cos(heading) + Math.cos(next)) / 2;
            y += h * (Math.sin(heading) + Math.sin(next)) / 2;
            heading = next;
        }
        return passed.entrySet().stream()
                .filter(e -> Math.signum(e.getValue()[1])
                        != e.getKey().side().orElseThrow().sign())
                .map(e -> e.getKey().name() + " passed on the wrong side")
                .findFirst();
    }

    /** How fast the curvature changes, and what the bars may not do at the ends and on one-way stretches. */
    private static Optional<String> bars(LineTask task, RideLine line) {
        List<Double> nodes = line.curvatures();
        Route route = task.route();
        for (int i = 0; i < nodes.size(); i++) {
            double k = nodes.get(i);
            if (i > 0 && Math.abs(k - nodes.get(i - 1)) > task.limits().rate() * line.spacingMetres() * 1.00001) {
                return Optional.of("curvature changes too fast");
            }
            double station = route.lengthMetres() * i / (nodes.size() - 1);
            for (Route.RouteLeg way : route.oneWays()) {
                boolean there = station > way.fromStation() + 1e-6 && station < way.toStation() - 1e-6;
                if (there && k * way.side().sign() < -STRAIGHT) {
                    return Optional.of("bars the wrong way");
                }
            }
        }
        boolean bent = !route.start().barsTurned() && Math.abs(nodes.get(0)) > STRAIGHT
                || !route.end().barsTurned() && Math.abs(nodes.get(nodes.size() - 1)) > STRAIGHT;
        return bent ? Optional.of("bars turned where they should be straight") : Optional.empty();
    }

    /** A radius of ten kilometres, in 1/m. */
    private static final double STRAIGHT = 1e-4;

    private static Optional<String> end(RouteEnd end, Point at, double heading) {
        double dx = at.x() - end.at().x();
        double dy = at.y() - end.at().y();
        double along = dx * Math.cos(end.headingRadians()) + dy * Math.sin(end.headingRadians());
        double left = dy * Math.cos(end.headingRadians()) - dx * Math.sin(end.headingRadians());
        double off = Math.abs(Math.IEEEremainder(heading - end.headingRadians(), 2 * Math.PI));
        boolean there = Math.abs(along) < 2 * TOLERANCE
                && left < end.leftMetres() + 2 * TOLERANCE
                && -left < end.rightMetres() + 2 * TOLERANCE
                && off < end.headingFreeRadians() + 2 * TOLERANCE;
        return there ? Optional.empty() : Optional.of("an end is missed");
    }

    /** Remembers how near each cone that has a side came to the wheelbase, and how far to the left it lay there. */
    private static void pass(
            LineTask task,
            Map<Barrier.ConeBarrier, double[]> passed,
            double x,
            double y,
            double heading,
            double station) {
        for (Barrier keep : task.route().keeps()) {
            if (keep instanceof Barrier.ConeBarrier off
                    && off.side().isPresent()
                    && station >= off.fromStation()
                    && station <= off.toStation()) {
                double dx = off.centre().x() - x;
                double dy = off.centre().y() - y;
                double along = dx * Math.cos(heading) + dy * Math.sin(heading);
                double left = dy * Math.cos(heading) - dx * Math.sin(heading);
                double past =
                        Math.max(0, Math.max(-along, along - task.footprint().wheelbaseMetres()));
                double near = Math.hypot(past, left);
                double[] nearest = passed.computeIfAbsent(off, o -> new double[] {Double.POSITIVE_INFINITY, 0});
                if (near < nearest[0]) {
                    nearest[0] = near;
                    nearest[1] = left;
                }
            }
        }
    }

    private static double curvature(RideLine line, double s) {
        List<Double> nodes = line.curvatures();
        double at = Math.min(s / line.spacingMetres(), nodes.size() - 1);
        int i = Math.min(nodes.size() - 2, (int) at);
        return nodes.get(i) + (at - i) * (nodes.get(i + 1) - nodes.get(i));
    }

    private static Optional<String> at(LineTask task, double x, double y, double heading, double k, double station) {
        if (k > task.limits().left() * 1.000001 || -k > task.limits().right() * 1.000001) {
            return Optional.of("more curvature than there is");
        }
        for (Barrier keep : task.route().keeps()) {
            if (station < keep.fromStation() || station > keep.toStation()) {
                continue;
            }
            boolean clear = keep instanceof Barrier.ConeBarrier off
                    ? off(task, off, x, y, heading, k)
                    : inside(task, (Barrier.LineBarrier) keep, x, y, heading, k);
            if (!clear) {
                return Optional.of(keep.name());
            }
        }
        return Optional.empty();
    }

    private static boolean off(LineTask task, Barrier.ConeBarrier off, double x, double y, double heading, double k) {
        Footprint f = task.footprint();
        double p = f.wheelbaseMetres();
        boolean body = off.part() == Barrier.Part.BODY;
        double toX = off.centre().x() - x;
        double toY = off.centre().y() - y;
        double near = p + REACHES + off.radiusMetres();
        if (toX * toX + toY * toY > near * near) {
            return true;
        }
        double cos = Math.cos(heading);
        double sin = Math.sin(heading);
        double lean = task.limits().leanRadians(k);
        double[] reaches = new double[2];
        for (Side side : Side.values()) {
            reaches[side.ordinal()] = body ? f.reachMetres(off.heightMetres(), side.sign() * lean) : f.tyreMetres() / 2;
        }
        for (int i = 0; i <= ALONG; i++) {
            double along = p * i / ALONG;
            boolean wheel = i == 0 || i == ALONG;
            for (Side side : Side.values()) {
                double reach = side.sign() * reaches[side.ordinal()];
                double dx = along * cos - reach * sin - toX;
                double dy = along * sin + reach * cos - toY;
                double clearance = Math.sqrt(dx * dx + dy * dy) - off.radiusMetres();
                if ((body || wheel) && clearance < -TOLERANCE) {
                    return false;
                }
            }
        }
        return true;
    }

    private static boolean inside(
            LineTask task, Barrier.LineBarrier line, double x, double y, double heading, double k) {
        double p = task.footprint().wheelbaseMetres();
        double lean = Math.abs(task.limits().leanRadians(k));
        double half = line.part() == Barrier.Part.BODY
                ? task.footprint().reachMetres(BAR_HEIGHT, lean)
                : task.footprint().tyreMetres() / 2;
        for (double along : new double[] {0, p}) {
            Point at = new Point(x + along * Math.cos(heading), y + along * Math.sin(heading));
            double ex = line.to().x() - line.from().x();
            double ey = line.to().y() - line.from().y();
            double length = Math.hypot(ex, ey);
            double onLine =
                    ((at.x() - line.from().x()) * ex + (at.y() - line.from().y()) * ey) / length;
            double off = line.inside().sign()
                    * (ex * (at.y() - line.from().y())
                            - ey * (at.x() - line.from().x()))
                    / length;
            if (onLine > TOLERANCE && onLine < length - TOLERANCE && off < half - TOLERANCE) {
                return false;
            }
        }
        return true;
    }
}
