package wrenlane.setup;

import java.util.Optional;
import wrenlane.finding.Finding;
import wrenlane.finding.Sentence;

/**
 * How far out of square a four-sided box is, from its two diagonals.
 *
 * <p>For a parallelogram with sides a, b whose corner is off square by α, the law of cosines gives
 * d₁² = a² + b² + 2ab·sin α and d₂² = a² + b² − 2ab·sin α, so sin α = (d₁² − d₂²) / (4ab).
 *
 * @param skewRadians α, how far the corner is from a right angle; positive where the first diagonal is the longer
 * @param shiftMetres how far the far side is pushed along itself: depth · sin α
 */
public record SquareCheck(double skewRadians, double shiftMetres) {
    /** How far the diagonals may miss the sides before we say so, as a share; chosen by us: sagging tapes stay below. */
    private static final double MISFIT_SHARE = 0.02;

    /**
     * What is wrong with two measured diagonals, if anything. By the parallelogram law d₁² + d₂² = 2(a² + b²) whatever
     * the skew; where that is out by more than 2 % of the diagonal, a side or a diagonal was read wrongly.
     */
    public static Optional<Finding> check(
            double depthMetres, double widthMetres, double firstDiagonalMetres, double secondDiagonalMetres) {
        double square = Math.hypot(depthMetres, widthMetres);
        double taped = Math.hypot(firstDiagonalMetres, secondDiagonalMetres) / Math.sqrt(2);
        return Math.abs(taped - square) <= MISFIT_SHARE * square
                ? Optional.empty()
                : Optional.of(new Finding(
                        "diagonals-misfit",
                        "diagonals",
                        Sentence.of(
                                "These diagonals belong to a box of another size: together they should come to %s each,"
                                        + " and they come to %s. Tape the sides and both diagonals again.",
                                Sentence.metres(square), Sentence.metres(taped))));
    }

    /**
     * The skew that two measured diagonals mean.
     *
     * @param depthMetres the sides' length along, above zero
     * @param widthMetres the sides' length across, above zero
     * @param firstDiagonalMetres from the datum corner, above zero
     * @param secondDiagonalMetres the other one, above zero
     * @throws IllegalArgumentException where no box with these sides has such diagonals
     */
    public static SquareCheck fromDiagonals(
            double depthMetres, double widthMetres, double firstDiagonalMetres, double secondDiagonalMetres) {
        double sine = (square(firstDiagonalMetres) - square(secondDiagonalMetres)) / (4 * depthMetres * widthMetres);
        if (!(sine > -1 && sine < 1)) {
            throw new IllegalArgumentException(
                    "diagonals are " + firstDiagonalMetres + " m and " + secondDiagonalMetres + " m; no box of "
                            + depthMetres + " m by " + widthMetres + " m has such diagonals: tape them again");
        }
        return new SquareCheck(Math.asin(sine), depthMetres * sine);
    }

    /**
     * The skew that goes unseen while one diagonal is out by an error: the other one is out by about as much the other
     * way, so the two differ by twice the error.
     *
     * @param errorMetres error of one diagonal, at least zero and below the diagonal
     */
    public static SquareCheck fromDiagonalError(double depthMetres, double widthMetres, double errorMetres) {
        double d = Math.hypot(depthMetres, widthMetres);
        return fromDiagonals(depthMetres, widthMetres, d + errorMetres, d - errorMetres);
    }

    private static double square(double x) {
        return x * x;
    }
}
