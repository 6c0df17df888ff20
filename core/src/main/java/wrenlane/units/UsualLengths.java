package wrenlane.units;

/**
 * Lengths a field usually holds.
 *
 * @param leastMetres the shortest, in metres, above zero
 * @param mostMetres the longest, in metres
 */
public record UsualLengths(double leastMetres, double mostMetres) {
    /** Anything from the shortest to the longest length there is. */
    public static final UsualLengths ANY = new UsualLengths(MeasuredLength.MIN_METRES, MeasuredLength.MAX_METRES);

    /** How many times outside a length is asked about, even where its unit is said. */
    private static final double FAR = 10;

    /** Lengths that differ by less are one at the edge of the range, in metres. */
    private static final double EDGE_METRES = 1e-9;

    public UsualLengths {
        if (!(leastMetres > 0 && leastMetres < mostMetres && mostMetres <= MeasuredLength.MAX_METRES)) {
            throw new IllegalArgumentException("usual lengths are " + leastMetres + " to " + mostMetres
                    + " m; they rise, above 0 and up to " + MeasuredLength.MAX_METRES + " m");
        }
    }

    boolean has(double metres) {
        return metres >= leastMetres - EDGE_METRES && metres <= mostMetres + EDGE_METRES;
    }

    /** Whether a length lies so far outside that something else was probably meant. */
    boolean isFarFrom(double metres) {
        return metres < leastMetres / FAR - EDGE_METRES || metres > mostMetres * FAR + EDGE_METRES;
    }
}
