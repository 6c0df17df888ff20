package wrenlane.riding;

import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import wrenlane.machine.MachineDimension;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Posture;
import wrenlane.machine.Side;
import wrenlane.machine.SteeredTurn;
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
     * The machine's own limit, whoever rides: full lock at the lean it is used to, bars turned at once.
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
     * What the machine itself can do under a practised rider, which difficulty is a share of: K₀ is full lock, the effective
     * one where a circle was measured, at 30° of lean or 3° short of scraping; σ₀ is that of a skilled rider's hands and
     * roll at 8 km/h, at that lean.
     */
    public static RidingPoint practised(MachineTurn turn, Side side) {
        double lean = Math.min(PRACTISED_LEAN_RADIANS, scrapeLean(turn, side) - MachineTurn.SCRAPE_RESERVE_RADIANS);
        double lock = turn.fullLock(side, lean).curvature();
        Quickness quickness = Quickness.of(turn, side, RiderLevel.SKILLED.limits(), lock, PRACTISED_SPEED);
        return new RidingPoint(PRACTISED_SPEED, lean, lock, quickness.rate(), TurnLimit.LOCK, quickness.by());
    }

    /**
     * How fast curvature changes along the way.
     *
     * <p>Bars: the curvature κ of full lock, over the way ridden while the bars go there: σ = κ / (v · δmax / δ̇). Roll: from
     * tan θ = v² κ / g at small θ, κ̇ = θ̇ g / v², so σ = κ̇ / v = φ̇ g / v³. The slower of the two counts.
     *
     * @param rate σ, 1/m²
     * @param by what sets it
     */
    private record Quickness(double rate, TurnLimit by) {
        static Quickness of(MachineTurn turn, Side side, RiderLimits limits, double lockCurvature, double v) {
            double steering =
                    lockCurvature * limits.steeringRateRadiansPerSecond() / (turn.effectiveLockRadians(side) * v);
            double roll = limits.rollRateRadiansPerSecond() * GRAVITY / (v * v * v);
            return steering <= roll
                    ? new Quickness(steering, TurnLimit.STEERING_RATE)
                    : new Quickness(roll, TurnLimit.ROLL_RATE);
        }
    }

    /** The riding point at a speed on dry paving, body in line with the machine. */
    public static RidingPoint rolling(MachineTurn turn, Side side, RiderLimits limits, double speedMetresPerSecond) {
        return rolling(turn, side, limits, RidingStyle.FIRM, speedMetresPerSecond);
    }

    /**
     * The riding point at a speed.
     *
     * <p>K(v) = min(tan Δ(δmax, φ) / p, g · tan θ₁ / v²), with φ = θ + β the machine's lean, θ that of steady balance,
     * tan θ = v² κ / g, and θ₁ the most of it: what the rider uses and the machine allows, less β, or what the ground
     * carries, see {@link Grip}. Where the lock sets the limit, both are solved together ({@link #balance}). σ(v) is at that
     * lean.
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
        double used = limits.mostLeanRadians(scrapeLean(turn, side)) - out;
        // The reserve kept from scraping can't eat the whole lean: a machine that scrapes at 15° still leans a little.
        double ridden = Math.max(LEAST_LEAN_RADIANS, used);
        double most = Math.min(ridden, style.grip().leanRadians());
        DoubleUnaryOperator lockAt = lockByLean(turn, side);
        double balance = balance(lean -> lockAt.applyAsDouble(lean + out), v, most);
        double lock = lockAt.applyAsDouble(balance + out);
        double leaned = GRAVITY * Math.tan(balance) / (v * v);
        Quickness quickness = Quickness.of(turn, side, limits, lock, v);
        return new RidingPoint(
                v,
                balance + out,
                Math.min(lock, leaned),
                quickness.rate(),
                balance < most ? TurnLimit.LOCK : ridden <= most ? TurnLimit.LEAN : TurnLimit.GRIP,
                quickness.by());
    }

    /** Least lean anybody uses, in radians: 1°. Chosen by us. */
    private static final double LEAST_LEAN_RADIANS = Math.toRadians(1);

    /** Step in which leans are looked at for the first that full lock no longer balances, in radians: 1°. */
    private static final double LOOK_RADIANS = Math.toRadians(1);

    /** Halvings of such a step, down to rounding. */
    private static final int HALVINGS = 40;

    /**
     * Lean of steady balance at which full lock is reached, or the most there is.
     *
     * <p>Balance at θ takes the curvature f(θ) = g tan θ / v²; full lock gives h(θ) = tan Δ(δmax, θ + β) / p. From upright on,
     * f rises from zero; the first θ with f(θ) = h(θ) is where the bars come to the stop. Repeated substitution of one in the
     * other need not converge, since h rises steeply with lean; so θ is looked at in steps of 1°, and the first step over
     * which f passes h is halved. Both are continuous, so it always ends, at a root or at the most lean.
     *
     * @param lockAt h, curvature of full lock at θ in radians
     * @param v in m/s
     * @param most θ₁ in radians
     * @return θ in radians, at most {@code most}
     */
    private static double balance(DoubleUnaryOperator lockAt, double v, double most) {
        double low = 0;
        while (low < most) {
            double high = Math.min(most, low + LOOK_RADIANS);
            if (isPast(lockAt, v, high)) {
                for (int i = 0; i < HALVINGS; i++) {
                    double middle = (low + high) / 2;
                    boolean past = isPast(lockAt, v, middle);
                    low = past ? low : middle;
                    high = past ? middle : high;
                }
                return low;
            }
            low = high;
        }
        return most;
    }

    /** Whether balance at a lean asks for more than full lock gives there. */
    private static boolean isPast(DoubleUnaryOperator lockAt, double v, double lean) {
        return GRAVITY * Math.tan(lean) / (v * v) >= lockAt.applyAsDouble(lean);
    }

    /** Curvature of full lock by the machine's lean. */
    private static DoubleUnaryOperator lockByLean(MachineTurn turn, Side side) {
        double wheelbase = turn.wheelbaseMetres();
        double lock = turn.effectiveLockRadians(side);
        double caster = turn.casterRadians();
        return lean -> SteeredTurn.of(wheelbase, lock, caster, lean).curvature();
    }

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
