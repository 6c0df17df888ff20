package wrenlane.rideline;

import wrenlane.course.Course;
import wrenlane.course.Pace;
import wrenlane.course.Route;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.rider.RiderLimits;

/**
 * Who rides what, and how.
 *
 * @param turn the machine
 * @param limits the rider's
 * @param style as the ground asks for
 */
public record Ride(MachineTurn turn, RiderLimits limits, RidingStyle style) {
    /** On dry paving, body in line. */
    public static Ride firm(MachineTurn turn, RiderLimits limits) {
        return new Ride(turn, limits, RidingStyle.FIRM);
    }

    /** What there is to turn with to a side, at a pace; the speed counts where the machine rolls. */
    public RidingPoint point(Pace pace, Side side, double speedMetresPerSecond) {
        return switch (pace) {
            case ROLLING -> RidingPoint.rolling(turn, side, limits, style, speedMetresPerSecond);
            case FROM_A_STOP -> RidingPoint.fromAStop(turn, side);
            case FULL_LOCK_LEANED -> RidingPoint.machineLimit(turn, side);
        };
    }

    /** The line to look for on a course, at the rider's lowest feet-up speed. */
    LineTask task(Course course) {
        return task(course, limits.lowestSpeedMetresPerSecond());
    }

    /** The line to look for on a course at a speed. */
    LineTask task(Course course, double speedMetresPerSecond) {
        Route route = course.plan().route();
        RidingPoint left = point(route.pace(), Side.LEFT, speedMetresPerSecond);
        RidingPoint right = point(route.pace(), Side.RIGHT, speedMetresPerSecond);
        return new LineTask(
                route,
                Footprint.of(turn),
                new TurnLimits(
                        left.curvatureLimit(),
                        right.curvatureLimit(),
                        Math.min(left.curvatureRate(), right.curvatureRate()),
                        left.speedMetresPerSecond()));
    }

    /** The line the machine alone could follow, whoever rides: full lock at the lean it is used to, bars turned at once. */
    static LineTask limitTask(Course course, MachineTurn turn) {
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
