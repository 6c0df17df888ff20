package wrenlane.setout;

import wrenlane.course.Cone;
import wrenlane.course.Point;

/**
 * One cone to put down.
 *
 * @param cone what stands there
 * @param alongMetres from the datum along the run, rounded to the sheet's step
 * @param acrossMetres from the baseline, at right angles, rounded to the sheet's step
 */
public record SetOutStep(Cone cone, double alongMetres, double acrossMetres) {
    /** The printed place: along as x and across as y, from the datum. */
    public Point place() {
        return new Point(alongMetres, acrossMetres);
    }
}
