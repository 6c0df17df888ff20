package wrenlane.units;

import java.util.List;
import java.util.Optional;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;

/**
 * A length as measured.
 *
 * @param metres the length, in metres, above zero and at most {@link #MAX_METRES}
 * @param uncertaintyMetres one standard deviation, in metres, at least zero
 * @param method the way it was measured
 * @param counted how many paces or bays it was said to be; 0 where it was not counted
 */
public record MeasuredLength(double metres, double uncertaintyMetres, LengthMethod method, double counted) {
    /** Longest length understood, in metres; chosen by us, because no yard for slow riding is longer. */
    public static final double MAX_METRES = 1000;

    /** Shortest length a person can have measured, in metres; chosen by us: twice what a tape may be out. */
    public static final double MIN_METRES = 0.02;

    /**
     * Everything that is wrong with a length as somebody says it was measured: what it may be, and that it is known at all,
     * rather than only how far out it may be.
     *
     * @param where the name of the field
     */
    public static List<Finding> check(String where, double metres, double uncertaintyMetres) {
        Checks checks = new Checks().add(Checks.range(where, "The length", metres, MIN_METRES, MAX_METRES, "m"));
        if (checks.findings().isEmpty()) {
            checks.add(Checks.range(where, "How far out it may be", uncertaintyMetres, 0, metres, "m"));
        }
        return checks.findings();
    }

    public MeasuredLength {
        if (!(metres > 0 && metres <= MAX_METRES)) {
            throw new IllegalArgumentException(
                    "metres is " + metres + " m; a length lies above 0 and up to " + MAX_METRES + " m");
        }
        if (!(uncertaintyMetres >= 0 && uncertaintyMetres <= MAX_METRES)) {
            throw new IllegalArgumentException(
                    "uncertaintyMetres is " + uncertaintyMetres + " m; it lies between 0 and " + MAX_METRES + " m");
        }
        if (!(counted >= 0 && counted < Double.POSITIVE_INFINITY)) {
            throw new IllegalArgumentException(
                    "counted is " + counted + "; it is 0 where nothing was counted, or above");
        }
    }

    /** A length that was not counted in paces or bays. */
    public MeasuredLength(double metres, double uncertaintyMetres, LengthMethod method) {
        this(metres, uncertaintyMetres, method, 0);
    }

    /** A length measured by tape, with the tape's default uncertainty. */
    public static MeasuredLength taped(double metres) {
        return new MeasuredLength(metres, LengthMethod.TAPE.uncertaintyMetres(metres), LengthMethod.TAPE);
    }

    /** A length that was drawn by eye, and is to be measured still. */
    public static MeasuredLength drawn(double metres) {
        return new MeasuredLength(metres, LengthMethod.DRAWN.uncertaintyMetres(metres), LengthMethod.DRAWN);
    }

    /** What one of the bays measures that it was said in, in metres; empty where it was not. */
    public Optional<Double> bayMetres() {
        return method == LengthMethod.BAYS && counted > 0 ? Optional.of(metres / counted) : Optional.empty();
    }

    /**
     * As many of the same paces or bays as are said.
     *
     * @param count above 0
     * @throws IllegalStateException on a length that was not counted
     */
    public MeasuredLength counting(double count) {
        if (counted == 0) {
            throw new IllegalStateException("a length of " + metres + " m that was not counted has no bays or paces");
        }
        double share = count / counted;
        return new MeasuredLength(metres * share, uncertaintyMetres * share, method, count);
    }

    /** Uncertainty as a share of the length, without unit. */
    public double relativeUncertainty() {
        return uncertaintyMetres / metres;
    }
}
