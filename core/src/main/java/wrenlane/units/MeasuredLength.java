package wrenlane.units;

/**
 * A length as measured.
 *
 * @param metres the length, in metres, above zero and at most {@link #MAX_METRES}
 * @param uncertaintyMetres one standard deviation, in metres, at least zero
 * @param method the way it was measured
 */
public record MeasuredLength(double metres, double uncertaintyMetres, LengthMethod method) {
    /** Longest length understood, in metres; chosen by us, because no yard for slow riding is longer. */
    public static final double MAX_METRES = 1000;

    public MeasuredLength {
        if (!(metres > 0 && metres <= MAX_METRES)) {
            throw new IllegalArgumentException(
                    "metres is " + metres + " m; a length lies above 0 and up to " + MAX_METRES + " m");
        }
        if (!(uncertaintyMetres >= 0 && uncertaintyMetres <= MAX_METRES)) {
            throw new IllegalArgumentException(
                    "uncertaintyMetres is " + uncertaintyMetres + " m; it lies between 0 and " + MAX_METRES + " m");
        }
    }

    /** A length measured by tape, with the tape's default uncertainty. */
    public static MeasuredLength taped(double metres) {
        return new MeasuredLength(metres, LengthMethod.TAPE.uncertaintyMetres(metres), LengthMethod.TAPE);
    }

    /** Uncertainty as a share of the length, without unit. */
    public double relativeUncertainty() {
        return uncertaintyMetres / metres;
    }
}
