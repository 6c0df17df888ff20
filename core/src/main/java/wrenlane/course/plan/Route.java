package wrenlane.course.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import wrenlane.machine.Side;
import wrenlane.plane.Point;

/**
 * The way through a course: roughly where the rear wheel goes, and all it keeps clear of.
 *
 * @param points a polyline near the way; the ride line is looked for from here
 * @param start where the ride begins
 * @param end where it ends
 * @param keeps everything the rider keeps clear of
 * @param oneWays stretches on which the bars are turned to one side only
 * @param pace how it is ridden
 */
public record Route(
        List<Point> points, RouteEnd start, RouteEnd end, List<Barrier> keeps, List<RouteLeg> oneWays, Pace pace) {
    /**
     * A stretch ridden without turning the bars the other way.
     *
     * @param side the side the bars may be turned to
     * @param fromStation in metres along the route
     * @param toStation in metres along the route
     */
    public record RouteLeg(Side side, double fromStation, double toStation) {
        RouteLeg mirrored() {
            return new RouteLeg(side.opposite(), fromStation, toStation);
        }
    }

    /**
     * The rest of the way, begun somewhere near it.
     *
     * @param station where it is begun, in metres
     * @param begun where and how the ride goes on from there
     */
    public Route from(double station, RouteEnd begun) {
        List<Point> left = new ArrayList<>(List.of(begun.at()));
        double passed = 0;
        for (int i = 1; i < points.size(); i++) {
            passed += points.get(i - 1).distanceTo(points.get(i));
            if (passed > station + NEAR_METRES || i == points.size() - 1) {
                left.add(points.get(i));
            }
        }
        return new Route(
                left,
                begun,
                end,
                keeps.stream()
                        .filter(k -> k.toStation() > station)
                        .map(k -> k.begun(station))
                        .toList(),
                oneWays.stream()
                        .filter(o -> o.toStation() > station)
                        .map(o ->
                                new RouteLeg(o.side(), Math.max(0, o.fromStation() - station), o.toStation() - station))
                        .toList(),
                pace);
    }

    /** Corners of the way nearer than this to where it is begun are left out, in metres: it would double back. */
    private static final double NEAR_METRES = 0.3;

    /** The same without what stands where it only begins or ends. */
    public Route withoutEnds() {
        return new Route(
                points, start, end, keeps.stream().filter(k -> !k.atAnEnd()).toList(), oneWays, pace);
    }

    /** The same with more to keep clear of. */
    Route with(List<? extends Barrier> more) {
        return new Route(
                points,
                start,
                end,
                Stream.<Barrier>concat(keeps.stream(), more.stream()).toList(),
                oneWays,
                pace);
    }

    /** The same with one more stretch ridden one way. */
    public Route with(RouteLeg more) {
        return new Route(
                points,
                start,
                end,
                keeps,
                Stream.concat(oneWays.stream(), Stream.of(more)).toList(),
                pace);
    }

    public Route {
        points = List.copyOf(points);
        keeps = List.copyOf(keeps);
        oneWays = List.copyOf(oneWays);
        if (points.size() < 2) {
            throw new IllegalArgumentException("points holds " + points.size() + "; a way has two ends");
        }
    }

    /** Whether all there is to keep clear of counts all the way, as a box does: then nothing says where in it turns are ridden. */
    public boolean isBoundedAlike() {
        double length = lengthMetres();
        return keeps.stream().filter(k -> !k.atAnEnd()).allMatch(k -> k.fromStation() <= 0 && k.toStation() >= length);
    }

    /** Length of the polyline, in metres. */
    public double lengthMetres() {
        double sum = 0;
        for (int i = 1; i < points.size(); i++) {
            sum += points.get(i - 1).distanceTo(points.get(i));
        }
        return sum;
    }

    /**
     * How far the way turns from its start to its end, in radians, anticlockwise above zero, whole turns counted: what it
     * turns at each corner, less than half a turn, added up.
     */
    public double turnedRadians() {
        double turned = 0;
        double heading = start.headingRadians();
        for (int i = 1; i < points.size(); i++) {
            Point from = points.get(i - 1);
            Point to = points.get(i);
            if (from.distanceTo(to) > 0) {
                double next = Math.atan2(to.y() - from.y(), to.x() - from.x());
                turned += Math.IEEEremainder(next - heading, 2 * Math.PI);
                heading = next;
            }
        }
        return turned + Math.IEEEremainder(end.headingRadians() - heading, 2 * Math.PI);
    }

    /** The same way mirrored in the x axis. */
    public Route mirrored() {
        return new Route(
                points.stream().map(Point::mirrored).toList(),
                start.mirrored(),
                end.mirrored(),
                keeps.stream().map(Barrier::mirrored).toList(),
                oneWays.stream().map(RouteLeg::mirrored).toList(),
                pace);
    }
}
