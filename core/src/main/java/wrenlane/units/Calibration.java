package wrenlane.units;

/**
 * How long one pace or one bay is, from a taped stretch holding a counted number of them.
 *
 * @param count paces walked or bays spanned, above zero and at most {@link #MAX_COUNT}
 * @param taped the taped length of them all
 */
public record Calibration(double count, MeasuredLength taped) {
    /** Most paces or bays in one calibration; chosen by us, because nobody counts further without losing count. */
    public static final double MAX_COUNT = 500;

    public Calibration {
        if (!(count > 0 && count <= MAX_COUNT)) {
            throw new IllegalArgumentException(
                    "count is " + count + "; a calibration counts above 0 and up to " + MAX_COUNT);
        }
    }

    /** Length of one pace or bay, in metres. */
    public double unitMetres() {
        return taped.metres() / count;
    }

    /**
     * A length said in this unit. Its relative uncertainty joins the scatter of the unit itself and the error of
     * the taped stretch, which are independent: u/L = √(share² + (u_taped/L_taped)²).
     *
     * @param units number of paces or bays, above zero
     * @param method {@link LengthMethod#PACES} or {@link LengthMethod#BAYS}
     */
    public MeasuredLength lengthOf(double units, LengthMethod method) {
        double metres = units * unitMetres();
        double scatter = method.uncertaintyMetres(metres);
        return new MeasuredLength(metres, Math.hypot(scatter, metres * taped.relativeUncertainty()), method, units);
    }
}
