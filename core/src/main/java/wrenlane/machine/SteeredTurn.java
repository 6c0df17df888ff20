package wrenlane.machine;

import java.util.Optional;

/**
 * The steady turn of a single-track vehicle with its bars held.
 *
 * <p><b>Ground steering angle Δ</b>, from bar angle δ, caster angle ε and lean φ into the turn. x points ahead, y to the
 * left, z up; the turn is to the left. The front axle of a straight, upright machine is (0, 1, 0).
 *
 * <ol>
 *   <li>Turn it by δ about the steering axis u = (−sin ε, 0, cos ε). The axle is square to u and u × axle =
 *       (−cos ε, 0, −sin ε), so it becomes a = (−sin δ cos ε, cos δ, −sin δ sin ε).
 *   <li>Roll it by φ to the left about x, (y, z) → (y cos φ + z sin φ, −y sin φ + z cos φ): the axle becomes a' =
 *       (−sin δ cos ε, cos φ cos δ − sin φ sin δ sin ε, …).
 *   <li>The wheel's plane, square to a', cuts the ground along (a'y, −a'x, 0). Its angle from straight ahead is Δ:
 *       tan Δ = −a'x / a'y = sin δ cos ε / (cos φ cos δ − sin φ sin δ sin ε).
 * </ol>
 *
 * <p>For small δ this is tan δ · cos ε / cos φ. At full lock and 30° of lean that shortcut gives a curvature 20 % too
 * small: leaning at full lock tightens the turn a great deal.
 *
 * <p><b>Radii</b> of a wheel that rolls without slip: rear contact Rr = p / tan Δ, front Rf = p / sin Δ. Both contacts turn
 * about one centre, so Rf² = Rr² + p². Valid at walking pace, where tyre slip does not matter. Trail, tyre profile and the
 * pitch of a steered machine are left out.
 *
 * @param wheelbaseMetres p, above zero
 * @param groundSteerRadians Δ, the front wheel's angle as seen on the ground, between 0 and π/2, both excluded
 */
public record SteeredTurn(double wheelbaseMetres, double groundSteerRadians) {
    /**
     * Most ground steering angle that a steady turn is taken to have, in radians: 80°. Chosen by us, because a wheel that
     * stands nearly across scrubs and no longer leads the machine round. Only locks above 50° leaned beyond 35° get there.
     */
    static final double MOST_GROUND_STEER_RADIANS = Math.toRadians(80);

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
     * The turn with the bars at an angle. Beyond {@link #MOST_GROUND_STEER_RADIANS} it is the turn at that angle.
     *
     * @param steerRadians δ, bar angle about the steering axis, above zero
     * @param casterRadians ε, steering head from vertical
     * @param leanRadians φ, lean of the machine into the turn, from 0 to below π/2
     */
    public static SteeredTurn of(
            double wheelbaseMetres, double steerRadians, double casterRadians, double leanRadians) {
        double across = Math.sin(steerRadians) * Math.cos(casterRadians);
        double along = Math.cos(leanRadians) * Math.cos(steerRadians)
                - Math.sin(leanRadians) * Math.sin(steerRadians) * Math.sin(casterRadians);
        return new SteeredTurn(wheelbaseMetres, Math.min(MOST_GROUND_STEER_RADIANS, Math.atan2(across, along)));
    }

    /**
     * Bar angle of a steady turn: {@link #of} solved for δ.
     *
     * <p>With T = tan Δ = p κ: sin δ cos ε = T (cos φ cos δ − sin φ sin δ sin ε), so tan δ = T cos φ / (cos ε + T sin φ sin ε).
     *
     * @param curvature κ of the rear path in 1/m, of either sign
     * @param leanRadians φ, of the same sign as the curvature
     * @return δ in radians, of the sign of the curvature
     */
    public static double steerRadians(
            double wheelbaseMetres, double curvature, double casterRadians, double leanRadians) {
        double tan = wheelbaseMetres * curvature;
        return Math.atan(tan
                * Math.cos(leanRadians)
                / (Math.cos(casterRadians) + tan * Math.sin(leanRadians) * Math.sin(casterRadians)));
    }

    /**
     * Lean at which bars held at an angle give this turn: {@link #of} solved for φ.
     *
     * <p>cos φ cos δ − sin φ sin δ sin ε = r cos(φ + ψ), with r² = cos² δ + sin² δ sin² ε and tan ψ = tan δ sin ε. So
     * φ = acos(sin δ cos ε / (r tan Δ)) − ψ.
     *
     * @param steerRadians δ, between 0 and π/2
     * @param casterRadians ε
     * @return φ in radians; empty where the turn is wider than that of a machine held upright
     */
    Optional<Double> leanRadians(double steerRadians, double casterRadians) {
        double sin = Math.sin(steerRadians);
        double tilt = sin * Math.sin(casterRadians);
        double r = Math.hypot(Math.cos(steerRadians), tilt);
        double cosine = sin * Math.cos(casterRadians) / (r * Math.tan(groundSteerRadians));
        double lean = Math.acos(Math.min(1, cosine)) - Math.atan2(tilt, Math.cos(steerRadians));
        return cosine <= 1 && lean >= 0 ? Optional.of(lean) : Optional.empty();
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
