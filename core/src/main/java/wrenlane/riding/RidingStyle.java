package wrenlane.riding;

/**
 * How a turn is ridden on a ground.
 *
 * @param bodyOutRadians β, how far the machine is leaned under a body held to the outside
 * @param frictionCoefficient of the tyres on the ground, above zero; an estimate
 */
public record RidingStyle(double bodyOutRadians, double frictionCoefficient) {
    /** Most that a body can be held out, in radians: about 8°. */
    public static final double MOST_BODY_OUT_RADIANS = Math.toRadians(8);

    /** Friction of tyres on dry paving; an estimate, cautious. */
    public static final double DRY_PAVING = 0.8;

    /** Body in line with the machine on dry paving. */
    public static final RidingStyle FIRM = firm(DRY_PAVING);

    public RidingStyle {
        if (!(bodyOutRadians >= 0 && bodyOutRadians <= Math.toRadians(20))) {
            throw new IllegalArgumentException(
                    "bodyOutRadians is " + bodyOutRadians + " rad; it lies between 0 and 0.35 rad");
        }
        if (!(frictionCoefficient > 0 && frictionCoefficient < 3)) {
            throw new IllegalArgumentException(
                    "frictionCoefficient is " + frictionCoefficient + "; it lies between 0 and 3");
        }
    }

    /** As on firm ground: body in line, carrying speed and lean. */
    public static RidingStyle firm(double frictionCoefficient) {
        return new RidingStyle(0, frictionCoefficient);
    }

    /** As on loose ground: walking pace, bars to the stop, body out. */
    public static RidingStyle loose(double frictionCoefficient) {
        return new RidingStyle(MOST_BODY_OUT_RADIANS, frictionCoefficient);
    }

    /** Most balance lean θ the ground carries with half its grip kept back: tan θ = μ/2, in radians. */
    public double gripLeanRadians() {
        return Math.atan(frictionCoefficient / 2);
    }
}
