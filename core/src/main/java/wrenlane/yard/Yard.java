package wrenlane.yard;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import wrenlane.course.CoursePlan;
import wrenlane.units.MeasuredLength;

/**
 * A paved area to ride on.
 *
 * @param length the longer or the main way of the usable rectangle
 * @param width across it
 * @param surface what it is paved with
 * @param fallPercent fall of the ground in percent, zero to {@link #MAX_FALL_PERCENT}
 */
public record Yard(MeasuredLength length, MeasuredLength width, Surface surface, double fallPercent) {
    /** Steepest fall accepted, in percent; chosen by us: nobody teaches slow riding on more. */
    public static final double MAX_FALL_PERCENT = 15;

    /** Fall above which novices are warned, in percent. */
    public static final double NOVICE_FALL_PERCENT = 3;

    /** Fall above which we advise against tight turns for anyone, in percent; chosen by us, twice the novices'. */
    public static final double STEEP_FALL_PERCENT = 6;

    public Yard {
        if (!(fallPercent >= 0 && fallPercent <= MAX_FALL_PERCENT)) {
            throw new IllegalArgumentException(
                    "fallPercent is " + fallPercent + " %; it lies between 0 and " + MAX_FALL_PERCENT + " %");
        }
    }

    /** The cautions of the ground itself. */
    public List<Caution> cautions() {
        List<Caution> cautions = new ArrayList<>();
        if (fallPercent > STEEP_FALL_PERCENT) {
            cautions.add(new Caution(
                    "fall-steep",
                    said("The ground falls %.1f %%: too steep for tight turns. Find flatter ground.", fallPercent)));
        } else if (fallPercent > NOVICE_FALL_PERCENT) {
            cautions.add(new Caution(
                    "fall-novices",
                    said(
                            "The ground falls %.1f %%. Above %.0f %% novices drop machines on the downhill side: set tight"
                                    + " turns so that they climb, or leave them out.",
                            fallPercent, NOVICE_FALL_PERCENT)));
        }
        if (surface.loose()) {
            cautions.add(new Caution(
                    "surface-loose",
                    "Loose ground (" + surface.label()
                            + "): less grip, so less lean. Walking pace and wide rungs first;"
                            + " never the front brake with the bars turned."));
        }
        return List.copyOf(cautions);
    }

    /** What does not suit a course that takes an area here; empty where it does. */
    public List<Caution> cautionsFor(CoursePlan.Area area) {
        double along = area.lengthMetres();
        double across = area.widthMetres();
        double longer = Math.max(length.metres(), width.metres());
        double shorter = Math.min(length.metres(), width.metres());
        boolean fits = (along <= longer && across <= shorter) || (along <= shorter && across <= longer);
        return fits
                ? List.of()
                : List.of(new Caution(
                        "course-too-large",
                        said(
                                "With its run-in the course takes %.1f m by %.1f m; the yard has %.1f m by %.1f m.",
                                along, across, longer, shorter)));
    }

    private static String said(String format, Object... args) {
        return String.format(Locale.ROOT, format, args);
    }
}
