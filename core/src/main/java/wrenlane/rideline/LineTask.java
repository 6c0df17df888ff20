package wrenlane.rideline;

import wrenlane.course.Course;
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
                        left.speedMetresPerSecond()));
    }

    /** The line the machine alone could follow, whoever rides: full lock at the lean it is used to, bars turned at once. */
    public static LineTask ofMachine(Course course, MachineTurn turn) {
        return new LineTask(
                course.plan().route(),
                Footprint.of(turn),
                new TurnLimits(
                        RidingPoint.machineLimit(turn, Side.LEFT).curvatureLimit(),
                        RidingPoint.machineLimit(turn, Side.RIGHT).curvatureLimit(),
                        Double.POSITIVE_INFINITY,
                        0));
    }
}
