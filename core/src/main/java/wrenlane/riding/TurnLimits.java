package wrenlane.riding;

import wrenlane.machine.Side;

/**
 * What rider and machine have to turn with at one speed, to both sides.
 *
 * @param left curvature limit to the left, 1/m, above zero
 * @param right curvature limit to the right, 1/m, above zero
 * @param rate σ, how fast curvature may change along the way, 1/m²; infinite for bars turned at a standstill
 * @param speedMetresPerSecond v, for the lean of steady balance; zero where the machine does not lean
 * @param bodyOutRadians β, how far the machine is leaned under the body in the tightest turn; less in wider ones
 */
public record TurnLimits(double left, double right, double rate, double speedMetresPerSecond, double bodyOutRadians) {
    public TurnLimits {
        if (!(left > 0 && left < 100 && right > 0 && right < 100)) {
            throw new IllegalArgumentException(
                    "curvature limits are " + left + " and " + right + " /m; they lie between 0 and 100 /m");
        }
        if (!(rate > 0)) {
            throw new IllegalArgumentException("rate is " + rate + " /m²; it lies above 0");
        }
        if (!(speedMetresPerSecond >= 0 && speedMetresPerSecond < 50)) {
            throw new IllegalArgumentException(
                    "speedMetresPerSecond is " + speedMetresPerSecond + " m/s; it lies between 0 and 50 m/s");
        }
        if (!(bodyOutRadians >= 0 && bodyOutRadians < 1)) {
            throw new IllegalArgumentException(
                    "bodyOutRadians is " + bodyOutRadians + " rad; it lies between 0 and 1 rad");
        }
    }

    /** Limits with the body in line with the machine. */
    public TurnLimits(double left, double right, double rate, double speedMetresPerSecond) {
        this(left, right, rate, speedMetresPerSecond, 0);
    }

    /** The same turns, their curvature changing as fast as said, in 1/m². */
    public TurnLimits withRate(double other) {
        return new TurnLimits(left, right, other, speedMetresPerSecond, bodyOutRadians);
    }

    /** Turns tighter or wider by a factor, their curvature changing as fast. */
    public TurnLimits withCurvatures(double factor) {
        return new TurnLimits(factor * left, factor * right, rate, speedMetresPerSecond, bodyOutRadians);
    }

    /** Curvature limit to a side, 1/m. */
    public double curvature(Side side) {
        return side == Side.LEFT ? left : right;
    }

    /**
     * Lean of the machine in a steady turn, in radians, left positive like the curvature: φ = θ + β κ / K, with tan θ = v² κ / g
     * the lean of balance. The body is held out in proportion to the turn, so that a straight way is ridden upright.
     */
    public double leanRadians(double curvature) {
        return Math.atan(balanceTangent(curvature)) + bodyOutRadians * curvature / limit(curvature);
    }

    /** tan φ of {@link #leanRadians}. */
    public double leanTangent(double curvature) {
        return bodyOutRadians == 0 ? balanceTangent(curvature) : Math.tan(leanRadians(curvature));
    }

    /** Change of the lean with curvature, in radians per 1/m. */
    public double leanSlope(double curvature) {
        double tan = balanceTangent(curvature);
        return pull() / (1 + tan * tan) + bodyOutRadians / limit(curvature);
    }

    private double balanceTangent(double curvature) {
        return pull() * curvature;
    }

    private double pull() {
        return speedMetresPerSecond * speedMetresPerSecond / RidingPoint.GRAVITY;
    }

    private double limit(double curvature) {
        return curvature >= 0 ? left : right;
    }

    /** Limits with the sides changed over. */
    public TurnLimits mirrored() {
        return new TurnLimits(right, left, rate, speedMetresPerSecond, bodyOutRadians);
    }
}
