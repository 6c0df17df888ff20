package wrenlane.rideline.solve;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.course.kind.CourseKinds;
import wrenlane.course.plan.Barrier;
import wrenlane.course.plan.Pace;
import wrenlane.course.plan.Route;
import wrenlane.course.plan.RouteEnd;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Machines;
import wrenlane.machine.Side;
import wrenlane.plane.Point;
import wrenlane.rideline.LineTask;
import wrenlane.rider.RiderLevel;
import wrenlane.riding.Footprint;
import wrenlane.riding.Ride;
import wrenlane.riding.TurnLimits;

/** Lines to look for in tests. */
public final class Tasks {
    private Tasks() {}

    /**
     * The reference weave: the rear path alone 0.6 m from each cone's centre (a disc of 0.14 m and half a width of 0.46
     * m), entry and exit on the axis 5 m before and after with the heading along it.
     */
    public static LineTask weave(int cones, double spacing, double rate) {
        List<Point> points = new ArrayList<>(List.of(new Point(-5, 0)));
        List<Barrier> keeps = new ArrayList<>();
        for (int i = 0; i < cones; i++) {
            double x = i * spacing;
            points.add(new Point(x, i % 2 == 0 ? -0.7 : 0.7));
            keeps.add(new Barrier.ConeBarrier(
                    "cone " + (i + 1),
                    Barrier.Part.BODY,
                    new Point(x, 0),
                    0.14,
                    0,
                    Optional.of(i % 2 == 0 ? Side.LEFT : Side.RIGHT),
                    x + 2.5,
                    x + 7.5,
                    false));
        }
        double end = (cones - 1) * spacing + 5;
        points.add(new Point(end, 0));
        Route route = new Route(
                points,
                new RouteEnd(new Point(-5, 0), 0, 0, 0, 0, true),
                new RouteEnd(new Point(end, 0), 0, 0, 0, 0, true),
                keeps,
                List.of(),
                Pace.ROLLING);
        return new LineTask(route, new Footprint(0.01, 0, 0.92), new TurnLimits(0.5, 0.5, rate, 0));
    }

    /** The route carried along and turned: every coordinate of it. */
    public static Route moved(Route r, double dx, double dy, double angle) {
        Motion m = new Motion(dx, dy, angle);
        return new Route(
                r.points().stream().map(m::of).toList(),
                m.of(r.start()),
                m.of(r.end()),
                r.keeps().stream().map(m::of).toList(),
                r.oneWays(),
                r.pace());
    }

    private record Motion(double dx, double dy, double angle) {
        Point of(Point p) {
            return new Point(
                    dx + p.x() * Math.cos(angle) - p.y() * Math.sin(angle),
                    dy + p.x() * Math.sin(angle) + p.y() * Math.cos(angle));
        }

        RouteEnd of(RouteEnd e) {
            return new RouteEnd(
                    of(e.at()),
                    e.headingRadians() + angle,
                    e.leftMetres(),
                    e.rightMetres(),
                    e.headingFreeRadians(),
                    e.barsTurned());
        }

        Barrier of(Barrier keep) {
            if (keep instanceof Barrier.ConeBarrier k) {
                return new Barrier.ConeBarrier(
                        k.name(),
                        k.part(),
                        of(k.centre()),
                        k.radiusMetres(),
                        k.heightMetres(),
                        k.side(),
                        k.fromStation(),
                        k.toStation(),
                        k.atAnEnd());
            }
            Barrier.LineBarrier k = (Barrier.LineBarrier) keep;
            return new Barrier.LineBarrier(
                    k.name(),
                    k.part(),
                    of(k.from()),
                    of(k.to()),
                    k.inside(),
                    k.fromStation(),
                    k.toStation(),
                    k.atAnEnd());
        }
    }

    public static CourseKind kind(String id) {
        return CourseKinds.find(id).orElseThrow();
    }

    public static Course course(String id) {
        return Course.standard(kind(id));
    }

    /** A course with its ladder dimension set. */
    public static Course course(String id, double setting) {
        return course(id).with(kind(id).ladder(), setting);
    }

    public static Course with(Course course, String option, String choice) {
        return course.with(
                course.kind().options().stream()
                        .filter(o -> o.name().equals(option))
                        .findFirst()
                        .orElseThrow(),
                choice);
    }

    public static Ride ride(String machine, RiderLevel level) {
        return Ride.firm(MachineTurn.computed(Machines.of(machine)), level.limits());
    }
}
