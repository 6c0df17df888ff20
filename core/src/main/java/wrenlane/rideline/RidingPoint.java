package wrenlane.rideline;

import java.util.Optional;
import wrenlane.course.CourseStart;
import wrenlane.machine.MachineDimension;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.rider.RiderLimits;

/**
 * What a rider has to turn with at one speed: the tightest curvature and how fast it can change.
 *
 * @param speedMetresPerSecond zero stands for bars turned before the machine moves
 * @param leanRadians machine lean in the steady turn
 * @param curvatureLimit K, 1/m
 * @param curvatureRate σ, 1/m²
 */
public record RidingPoint(
        double speedMetresPerSecond, double leanRadians, double curvatureLimit, double curvatureRate) {
    /** Standard acceleration of free fall, in m/s² (CGPM 1901). */
    static final double GRAVITY = 9.80665;

    /**
     * The riding point a start asks for: at the rider's lowest feet-up speed when rolling; upright, with the bars at
     * the stop before moving, from a stop.
     */
    public static RidingPoint of(CourseStart start, MachineTurn turn, Side side, RiderLimits limits) {
        return start == CourseStart.ROLLING
                ? rolling(turn, side, limits, limits.lowestSpeedMetresPerSecond())
                : new RidingPoint(0, 0, turn.fullLock(side, 0).curvature(), Double.POSITIVE_INFINITY);
    }

    /**
     * The riding point at a speed, body in line with the machine (β = 0).
     *
     * <p>K(v) = min(cos ε · tan δ / (p · cos φ), g · tan(φs − reserve) / v²), where φ is the lean of steady balance,
     * tan φ = v² κ / g, solved together by repeated substitution: κ grows with φ by a factor below one at walking
     * pace. σ(v) = min(δ̇ · cos ε / (p · v), φ̇ · g / v³).
     *
     * @param speedMetresPerSecond v, above zero
     */
    public static RidingPoint rolling(MachineTurn turn, Side side, RiderLimits limits, double speedMetresPerSecond) {
        if (!(speedMetresPerSecond > 0 && speedMetresPerSecond < 50)) {
            throw new IllegalArgumentException(
                    "speedMetresPerSecond is " + speedMetresPerSecond + " m/s; it lies between 0 and 50 m/s");
        }
        double v = speedMetresPerSecond;
        // The reserve kept from scraping can't eat the whole lean: a machine that scrapes at 15° still leans a little.
        double lean = Math.max(Math.toRadians(1), scrapeLean(turn, side) - limits.leanReserveRadians());
        double leanLimited = GRAVITY * Math.tan(lean) / (v * v);
        double balance = 0;
        double curvature = 0;
        for (int round = 0; round < BALANCE_ROUNDS; round++) {
            curvature = Math.min(turn.fullLock(side, balance).curvature(), leanLimited);
            balance = Math.min(lean, Math.atan(v * v * curvature / GRAVITY));
        }
        double steering =
                limits.steeringRateRadiansPerSecond() * Math.cos(turn.casterRadians()) / (turn.wheelbaseMetres() * v);
        double roll = limits.rollRateRadiansPerSecond() * GRAVITY / (v * v * v);
        return new RidingPoint(v, balance, curvature, Math.min(steering, roll));
    }

    /** Rounds of substitution; the error shrinks at least tenfold in each, so this reaches rounding. */
    private static final int BALANCE_ROUNDS = 20;

    private static double scrapeLean(MachineTurn turn, Side side) {
        return turn.machine().value(MachineDimension.scrapeLean(side));
    }

    /** The speed at which this is ridden, if the machine moves while the bars turn. */
    public Optional<Double> rollingSpeed() {
        return speedMetresPerSecond > 0 ? Optional.of(speedMetresPerSecond) : Optional.empty();
    }
}
