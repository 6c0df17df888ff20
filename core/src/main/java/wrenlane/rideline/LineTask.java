package wrenlane.rideline;

import wrenlane.course.Course;
import wrenlane.course.plan.Pace;
import wrenlane.course.plan.Route;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.riding.Footprint;
import wrenlane.riding.Ride;
import wrenlane.riding.RidingPoint;
import wrenlane.riding.TurnLimits;

/**
 * A line that is looked for.
 *
 * @param route the way, and what to keep clear of
 * @param footprint ground the machine takes
 * @param limits what there is to turn with
 */
public record LineTask(Route route, Footprint footprint, TurnLimits limits) {
    /** The line to look for on a course, at the rider's lowest feet-up speed. */
    public static LineTask of(Course course, Ride ride) {
        return of(course, ride, ride.limits().lowestSpeedMetresPerSecond());
    }

    /** The line to look for on a course at a speed. */
    public static LineTask of(Course course, Ride ride, double speedMetresPerSecond) {
        Route route = course.plan().route();
        RidingPoint left = ride.point(route.pace(), Side.LEFT, speedMetresPerSecond);
        RidingPoint right = ride.point(route.pace(), Side.RIGHT, speedMetresPerSecond);
        return new LineTask(
                route,
                Footprint.of(ride.turn()),
                new TurnLimits(
                        left.curvatureLimit(),
                        right.curvatureLimit(),
                        Math.min(left.curvatureRate(), right.curvatureRate()),
                        left.speedMetresPerSecond(),
                        route.pace() == Pace.ROLLING ? ride.style().bodyOutRadians() : 0));
    }

    /**
     * The line a practised rider is to find. Where the bars are turned before the
     * machine moves, quickness does not count.
     */
    public static LineTask practised(Course course, MachineTurn turn) {
        Route route = course.plan().route();
        RidingPoint left = RidingPoint.practised(turn, Side.LEFT);
        RidingPoint right = RidingPoint.practised(turn, Side.RIGHT);
        boolean rolling = route.pace() == Pace.ROLLING;
        return new LineTask(
                route,
                Footprint.of(turn),
                new TurnLimits(
                        left.curvatureLimit(),
                        right.curvatureLimit(),
                        rolling ? Math.min(left.curvatureRate(), right.curvatureRate()) : Double.POSITIVE_INFINITY,
                        rolling ? left.speedMetresPerSecond() : 0));
    }
}
