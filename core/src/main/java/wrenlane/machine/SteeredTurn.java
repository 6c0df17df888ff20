package wrenlane.machine;

/**
 * The steady turn of a single-track vehicle with its bars held.
 *
 * <p>Kinematic steering without slip, from motorcycle-dynamics texts: tan Δ = tan δ · cos ε / cos φ, rear contact
 * radius Rr = p / tan Δ, front Rf = p / sin Δ. Both contacts turn about one centre, so Rf² = Rr² + p². Valid at
 * walking pace, where tyre slip does not matter; trail and tyre profile are left out.
 *
 * @param wheelbaseMetres p, above zero
 * @param groundSteerRadians Δ, the front wheel's angle as seen on the ground, between 0 and π/2, both excluded
 */
public record SteeredTurn(double wheelbaseMetres, double groundSteerRadians) {
    public SteeredTurn {
        if (!(wheelbaseMetres > 0 && wheelbaseMetres < 10)) {
            throw new IllegalArgumentException(
                    "wheelbaseMetres is " + wheelbaseMetres + " m; it lies between 0 and 10 m");
        }
        if (!(groundSteerRadians > 0 && groundSteerRadians < Math.PI / 2)) {
            throw new IllegalArgumentException(
                    "groundSteerRadians is " + groundSteerRadians + " rad; it lies between 0 and π/2 rad");
        }
    }

    /**
     * The turn with the bars at an angle.
     *
     * @param steerRadians δ, bar angle about the steering axis
     * @param casterRadians ε, steering head from vertical
     * @param leanRadians φ, lean of the machine into the turn
     */
    public static SteeredTurn of(
            double wheelbaseMetres, double steerRadians, double casterRadians, double leanRadians) {
        return new SteeredTurn(
                wheelbaseMetres, Math.atan(Math.tan(steerRadians) * Math.cos(casterRadians) / Math.cos(leanRadians)));
    }

    /** Rear contact radius Rr = p / tan Δ, in metres. */
    public double rearRadiusMetres() {
        return wheelbaseMetres / Math.tan(groundSteerRadians);
    }

    /** Front contact radius Rf = p / sin Δ, in metres. */
    public double frontRadiusMetres() {
        return wheelbaseMetres / Math.sin(groundSteerRadians);
    }

    /** Curvature of the rear path, 1/m. */
    public double curvature() {
        return Math.tan(groundSteerRadians) / wheelbaseMetres;
    }

    /** Distance between walls that a full circle needs, front tyre edge to edge: 2 Rf + tyre width, in metres. */
    public double circleWidthMetres(double frontTyreMetres) {
        return 2 * frontRadiusMetres() + frontTyreMetres;
    }

    /**
     * Width of a U-turn between two lines, entered along one of them with the bars turned at once: Rr + Rf + tyre
     * width, in metres. The rear leaves the entry line at distance Rr from the centre; the front swings out to Rf on
     * the far side.
     */
    public double uTurnWidthMetres(double frontTyreMetres) {
        return rearRadiusMetres() + frontRadiusMetres() + frontTyreMetres;
    }
}
