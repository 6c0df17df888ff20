package wrenlane.units;

/**
 * The way a length was measured, which decides how far out it may be.
 *
 * <p>Default uncertainties are estimates from the practice of measuring yards by hand: tape 1 cm + 0.1 %,
 * wheel 1 %, bay 2 %, pace 6 %. What is drawn by eye on a plan is no measurement; 15 % is chosen by us, so that
 * everything measured beside it counts for more.
 */
public enum LengthMethod {
    TAPE(0.01, 0.001),
    WHEEL(0, 0.01),
    BAYS(0, 0.02),
    PACES(0, 0.06),
    DRAWN(0, 0.15);

    private final double fixedMetres;
    private final double share;

    LengthMethod(double fixedMetres, double share) {
        this.fixedMetres = fixedMetres;
        this.share = share;
    }

    /**
     * Uncertainty of a length measured this way, one standard deviation, in metres.
     *
     * @param metres the length, in metres, at least zero
     */
    public double uncertaintyMetres(double metres) {
        return fixedMetres + share * metres;
    }
}
