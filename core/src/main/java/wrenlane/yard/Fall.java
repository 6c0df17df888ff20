package wrenlane.yard;

/**
 * How the ground falls.
 *
 * @param percent zero to {@link #MAX_PERCENT}
 * @param towardsRadians the way downhill, from the yard's x, anticlockwise
 */
public record Fall(double percent, double towardsRadians) {
    /** Steepest fall accepted, in percent; chosen by us: nobody teaches slow riding on more. */
    public static final double MAX_PERCENT = 15;

    /** Level ground. */
    public static final Fall NONE = new Fall(0, 0);

    public Fall {
        if (!(percent >= 0 && percent <= MAX_PERCENT)) {
            throw new IllegalArgumentException(
                    "percent is " + percent + " %; a fall lies between 0 and " + MAX_PERCENT + " %");
        }
        if (!(Math.abs(towardsRadians) <= 4 * Math.PI)) {
            throw new IllegalArgumentException(
                    "towardsRadians is " + towardsRadians + " rad; it lies within two turns either way");
        }
    }

    /**
     * How far a heading goes downhill, in percent; negative uphill.
     *
     * @param headingRadians from the yard's x, anticlockwise
     */
    public double downhillPercent(double headingRadians) {
        return percent * Math.cos(headingRadians - towardsRadians);
    }
}
