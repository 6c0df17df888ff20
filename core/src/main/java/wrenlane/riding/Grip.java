package wrenlane.riding;

/**
 * What the ground gives tyres to hold on to, and how much of it is ridden on.
 *
 * @param frictionCoefficient μ of the tyres on the ground, above zero; an estimate
 * @param usedShare of it that a turn may take: firm ground keeps a fifth back, loose ground half, since what lies on it
 *     differs from metre to metre. Estimates, from practice
 */
public record Grip(double frictionCoefficient, double usedShare) {
    private static final double FIRM_SHARE = 0.8;
    private static final double LOOSE_SHARE = 0.5;

    /** Dry paving: a cautious estimate. */
    public static final Grip DRY_PAVING = firm(0.8);

    public Grip {
        if (!(frictionCoefficient > 0 && frictionCoefficient < 3)) {
            throw new IllegalArgumentException(
                    "frictionCoefficient is " + frictionCoefficient + "; it lies between 0 and 3");
        }
        if (!(usedShare > 0 && usedShare <= 1)) {
            throw new IllegalArgumentException("usedShare is " + usedShare + "; it lies above 0 and is at most 1");
        }
    }

    /** Of firm ground. */
    public static Grip firm(double frictionCoefficient) {
        return new Grip(frictionCoefficient, FIRM_SHARE);
    }

    /** Of loose ground. */
    public static Grip loose(double frictionCoefficient) {
        return new Grip(frictionCoefficient, LOOSE_SHARE);
    }

    /** Most balance lean θ the ground carries: tan θ = share · μ, in radians. */
    public double leanRadians() {
        return Math.atan(usedShare * frictionCoefficient);
    }
}
