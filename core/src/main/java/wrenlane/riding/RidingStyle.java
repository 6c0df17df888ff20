package wrenlane.riding;

/**
 * How a turn is ridden on a ground.
 *
 * @param bodyOutRadians β, how far the machine is leaned under a body held to the outside
 * @param grip of the ground
 */
public record RidingStyle(double bodyOutRadians, Grip grip) {
    /** Most that a body can be held out, in radians: about 8°. */
    public static final double MOST_BODY_OUT_RADIANS = Math.toRadians(8);

    /** Body in line with the machine on dry paving. */
    public static final RidingStyle FIRM = inLine(Grip.DRY_PAVING);

    public RidingStyle {
        if (!(bodyOutRadians >= 0 && bodyOutRadians <= Math.toRadians(20))) {
            throw new IllegalArgumentException(
                    "bodyOutRadians is " + bodyOutRadians + " rad; it lies between 0 and 0.35 rad");
        }
    }

    /** Body in line, carrying speed and lean, as on firm ground. */
    public static RidingStyle inLine(Grip grip) {
        return new RidingStyle(0, grip);
    }

    /** Body out and bars to the stop at walking pace, as taught for loose ground. */
    public static RidingStyle bodyOut(Grip grip) {
        return new RidingStyle(MOST_BODY_OUT_RADIANS, grip);
    }
}
