package wrenlane.riding;

import wrenlane.machine.Side;

/**
 * What rider and machine have to turn with at one speed, to both sides.
 *
 * @param left curvature limit to the left, 1/m, above zero
 * @param right curvature limit to the right, 1/m, above zero
 * @param rate σ, how fast curvature may change along the way, 1/m²; infinite for bars turned at a standstill
 * @param speedMetresPerSecond v, for the lean of steady balance; zero where the machine does not lean
 */
public record TurnLimits(double left, double right, double rate, double speedMetresPerSecond) {
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
    }

    /** Curvature limit to a side, 1/m. */
    public double curvature(Side side) {
        return side == Side.LEFT ? left : right;
    }

    /** Lean of steady balance, tan φ = v² κ / g, in radians, left positive like the curvature. */
    public double leanRadians(double curvature) {
        return Math.atan(leanTangent(curvature));
    }

    /** tan φ = v² κ / g. */
    public double leanTangent(double curvature) {
        return speedMetresPerSecond * speedMetresPerSecond * curvature / RidingPoint.GRAVITY;
    }

    /** Change of the lean with curvature, in radians per 1/m. */
    public double leanSlope(double curvature) {
        double pull = speedMetresPerSecond * speedMetresPerSecond / RidingPoint.GRAVITY;
        double tan = pull * curvature;
        return pull / (1 + tan * tan);
    }

    /** Limits with the sides changed over. */
    public TurnLimits mirrored() {
        return new TurnLimits(right, left, rate, speedMetresPerSecond);
    }
}
