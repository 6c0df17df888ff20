package wrenlane.setup;

import wrenlane.units.LengthMethod;

/**
 * How far off its mark a cone may stand that was measured along a line and square to it.
 *
 * <p>Along and across are out by what the way of measuring leaves, and the square corner by an angle α that pushes the
 * cone along by across · sin α; the three are independent: √(u² + v² + (across · sin α)²). One standard deviation, an
 * estimate.
 */
final class PlaceError {
    /** How far off square a tape is laid that is squared by eye along a joint or a triangle; chosen by us. */
    private static final double TAPED_SQUARE_RADIANS = Math.toRadians(0.5);

    /** The same where one walks off square to a line; chosen by us. */
    private static final double PACED_SQUARE_RADIANS = Math.toRadians(3);

    private PlaceError() {}

    /** In metres, for figures in metres of either sign. */
    static double metres(LengthMethod along, LengthMethod across, double alongMetres, double acrossMetres) {
        double square = across == LengthMethod.PACES ? PACED_SQUARE_RADIANS : TAPED_SQUARE_RADIANS;
        double u = along.uncertaintyMetres(Math.abs(alongMetres));
        double v = across.uncertaintyMetres(Math.abs(acrossMetres));
        return Math.hypot(Math.hypot(u, v), acrossMetres * Math.sin(square));
    }
}
