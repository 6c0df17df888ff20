package wrenlane.riding;

import java.util.Optional;
import wrenlane.machine.MachineDimension;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Posture;
import wrenlane.machine.Side;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.RiderLimits;

/**
 * What a rider has to turn with at one speed: the tightest curvature and how fast it can change.
 *
 * @param speedMetresPerSecond zero stands for bars turned before the machine moves
 * @param leanRadians machine lean in the steady turn
 * @param curvatureLimit K, 1/m
 * @param curvatureRate σ, 1/m²
 * @param curvatureBy what sets the tightest curvature
 * @param rateBy what sets how fast it changes
 */
public record RidingPoint(
        double speedMetresPerSecond,
        double leanRadians,
        double curvatureLimit,
        double curvatureRate,
        TurnLimit curvatureBy,
        TurnLimit rateBy) {
    /** Standard acceleration of free fall, in m/s² (CGPM 1901). */
    public static final double GRAVITY = 9.80665;

    /** Full lock upright, with the bars at the stop before moving. */
    public static RidingPoint fromAStop(MachineTurn turn, Side side) {
        return new RidingPoint(
                0, 0, turn.fullLock(side, 0).curvature(), Double.POSITIVE_INFINITY, TurnLimit.LOCK, TurnLimit.LOCK);
    }

    /**
     * The machine's own limit, whoever rides: full lock at the lean it is used to, bars turned at once. Tightness 1.00.
     */
    public static RidingPoint machineLimit(MachineTurn turn, Side side) {
        return new RidingPoint(
                0,
                turn.usableLeanRadians(side),
                turn.best(side, Posture.LEANED).curvature(),
                Double.POSITIVE_INFINITY,
                TurnLimit.LOCK,
                TurnLimit.LOCK);
    }

    /** Lean of a practised turn, in radians: 30°, from practice; less where the machine would scrape. */
    private static final double PRACTISED_LEAN_RADIANS = Math.toRadians(30);

    /** Speed that a practised rider's quickness is taken at, in m/s: 8 km/h, where slow turns begin. */
    private static final double PRACTISED_SPEED = 8 / 3.6;

    /**
     * What the machine itself can do under a practised rider, to which courses are compared: K₀ is full lock, the
     * effective one where a circle was measured, at 30° of lean or 3° short of scraping; σ₀ is that of a skilled rider's
     * hands and roll at 8 km/h.
     */
    public static RidingPoint practised(MachineTurn turn, Side side) {
        double lean = Math.min(PRACTISED_LEAN_RADIANS, scrapeLean(turn, side) - MachineTurn.SCRAPE_RESERVE_RADIANS);
        double v = PRACTISED_SPEED;
        RiderLimits hands = RiderLevel.SKILLED.limits();
        double steering = steeringRate(turn, hands, v);
        double roll = rollRate(hands, v);
        return new RidingPoint(
                v,
                lean,
                turn.fullLock(side, lean).curvature(),
                Math.min(steering, roll),
                TurnLimit.LOCK,
                steering <= roll ? TurnLimit.STEERING_RATE : TurnLimit.ROLL_RATE);
    }

    private static double steeringRate(MachineTurn turn, RiderLimits limits, double v) {
        return limits.steeringRateRadiansPerSecond() * Math.cos(turn.casterRadians()) / (turn.wheelbaseMetres() * v);
    }

    private static double rollRate(RiderLimits limits, double v) {
        return limits.rollRateRadiansPerSecond() * GRAVITY / (v * v * v);
    }

    /** The riding point at a speed on dry paving, body in line with the machine. */
    public static RidingPoint rolling(MachineTurn turn, Side side, RiderLimits limits, double speedMetresPerSecond) {
        return rolling(turn, side, limits, RidingStyle.FIRM, speedMetresPerSecond);
    }

    /**
     * The riding point at a speed.
     *
     * <p>K(v) = min(cos ε · tan δ / (p · cos φ), g · tan θ₁ / v²), where φ = θ + β is the machine's lean, θ the lean of
     * steady balance, tan θ = v² κ / g, and θ₁ the most of it: φs − reserve − β, or what the ground carries, see
     * {@link Grip}. Solved together by repeated substitution: κ grows with φ by a factor below one at walking pace.
     * σ(v) = min(δ̇ · cos ε / (p · v), φ̇ · g / v³).
     *
     * @param speedMetresPerSecond v, above zero
     */
    public static RidingPoint rolling(
            MachineTurn turn, Side side, RiderLimits limits, RidingStyle style, double speedMetresPerSecond) {
        if (!(speedMetresPerSecond > 0 && speedMetresPerSecond < 50)) {
            throw new IllegalArgumentException(
                    "speedMetresPerSecond is " + speedMetresPerSecond + " m/s; it lies between 0 and 50 m/s");
        }
        double v = speedMetresPerSecond;
        double out = style.bodyOutRadians();
        // The reserve kept from scraping can't eat the whole lean: a machine that scrapes at 15° still leans a little.
        double unscraped = Math.max(Math.toRadians(1), scrapeLean(turn, side) - limits.leanReserveRadians() - out);
        double most = Math.min(unscraped, style.grip().leanRadians());
        double leanLimited = GRAVITY * Math.tan(most) / (v * v);
        double balance = 0;
        double lock = 0;
        for (int round = 0; round < BALANCE_ROUNDS; round++) {
            lock = turn.fullLock(side, balance + out).curvature();
            balance = Math.min(most, Math.atan(v * v * Math.min(lock, leanLimited) / GRAVITY));
        }
        double steering = steeringRate(turn, limits, v);
        double roll = rollRate(limits, v);
        return new RidingPoint(
                v,
                balance + out,
                Math.min(lock, leanLimited),
                Math.min(steering, roll),
                lock <= leanLimited ? TurnLimit.LOCK : unscraped <= most ? TurnLimit.LEAN : TurnLimit.GRIP,
                steering <= roll ? TurnLimit.STEERING_RATE : TurnLimit.ROLL_RATE);
    }

    /** Rounds of substitution; the error shrinks at least tenfold in each, so this reaches rounding. */
    private static final int BALANCE_ROUNDS = 20;

    private static double scrapeLean(MachineTurn turn, Side side) {
        return turn.machine().value(MachineDimension.scrapeLean(side));
    }

    /** The same with an infinite rate said as the largest number there is, for where infinity can't be written. */
    public RidingPoint finite() {
        return new RidingPoint(
                speedMetresPerSecond,
                leanRadians,
                curvatureLimit,
                Math.min(curvatureRate, Double.MAX_VALUE),
                curvatureBy,
                rateBy);
    }

    /** The speed at which this is ridden, if the machine moves while the bars turn. */
    public Optional<Double> rollingSpeed() {
        return speedMetresPerSecond > 0 ? Optional.of(speedMetresPerSecond) : Optional.empty();
    }
}
