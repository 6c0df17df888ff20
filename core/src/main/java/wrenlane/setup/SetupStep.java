package wrenlane.setup;

import wrenlane.course.plan.Cone;
import wrenlane.plane.Point;
import wrenlane.units.LengthMethod;

/**
 * One cone to put down.
 *
 * @param cone what stands there
 * @param alongMetres from the datum along the baseline, rounded to the sheet's step; behind the datum below zero
 * @param acrossMetres from the baseline, at right angles, rounded to the sheet's step; beyond it below zero
 * @param errorMetres how far off the mark it may stand by tape, one standard deviation
 */
public record SetupStep(Cone cone, double alongMetres, double acrossMetres, double errorMetres) {
    static SetupStep taped(Cone cone, double alongMetres, double acrossMetres) {
        return new SetupStep(
                cone,
                alongMetres,
                acrossMetres,
                PlaceError.metres(LengthMethod.TAPE, LengthMethod.TAPE, alongMetres, acrossMetres));
    }

    /** The printed place: along as x and across as y, from the datum. */
    public Point place() {
        return new Point(alongMetres, acrossMetres);
    }
}
