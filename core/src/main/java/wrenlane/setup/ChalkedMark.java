package wrenlane.setup;

import wrenlane.plane.Point;
import wrenlane.verdict.RidingMark;

/**
 * A mark to ride by, where the tape has it.
 *
 * @param mark which, in the course's axes
 * @param alongMetres along the baseline, rounded to the sheet's step; below zero back from the datum
 * @param acrossMetres square to it, likewise
 */
public record ChalkedMark(RidingMark mark, double alongMetres, double acrossMetres) {
    static ChalkedMark of(RidingMark mark, Baseline baseline, double step) {
        Point figures = baseline.figures(mark.at());
        return new ChalkedMark(mark, SetupSheet.rounded(figures.x(), step), SetupSheet.rounded(figures.y(), step));
    }
}
