package wrenlane.riding;

import wrenlane.course.plan.Pace;
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
}
