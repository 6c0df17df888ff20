package wrenlane.yard;

import wrenlane.plane.Point;

/**
 * A row of painted bays.
 *
 * @param at the outer end of the first dividing line, in the yard's axes
 * @param turnRadians from the yard's x to the row's direction, anticlockwise; the bays lie on its left
 * @param count of bays, 1 to {@link #MOST}
 * @param bayMetres from line to line
 * @param depthMetres of the lines
 */
public record BayRow(Point at, double turnRadians, int count, double bayMetres, double depthMetres) {
    /** Most bays in a row. */
    public static final int MOST = 200;

    /** A row to begin with, until its own figures are known, in metres; chosen by us: bays as cars are parked in. */
    public static final BayRow USUAL = new BayRow(new Point(2, 0), 0, 8, 2.5, 5);

    public BayRow {
        if (!(count >= 1 && count <= MOST)) {
            throw new IllegalArgumentException("count is " + count + "; a row has from 1 to " + MOST + " bays");
        }
        if (!(bayMetres > 0 && bayMetres <= 20 && depthMetres > 0 && depthMetres <= 50)) {
            throw new IllegalArgumentException(
                    "bays of " + bayMetres + " m by " + depthMetres + " m; they lie above 0 and up to 20 m by 50 m");
        }
    }
}
