package wrenlane.setup;

import java.util.List;
import wrenlane.units.Calibration;
import wrenlane.units.LengthMethod;

/**
 * The figures of a sheet counted in paces, or along a row of painted bays.
 *
 * @param method {@link LengthMethod#PACES} or {@link LengthMethod#BAYS}
 * @param unitMetres length of one pace or bay
 * @param steps in the order of the sheet's steps
 * @param roundingMetres how far the worst cone is off for the rounding alone
 */
public record CountedSheet(LengthMethod method, double unitMetres, List<CountedStep> steps, double roundingMetres) {
    /** Paces are told to a quarter: nobody walks finer. */
    private static final double PACE_SHARE = 0.25;

    /**
     * One cone: so many paces or bays and a rest by tape, along and across.
     *
     * @param alongUnits whole and quarter paces, or bays, along the baseline
     * @param alongRestMetres what is taped beyond them, in metres
     * @param acrossUnits whole and quarter paces, or bays, square to it
     * @param acrossRestMetres what is taped beyond them, in metres
     * @param errorMetres how far off the mark it may stand, one standard deviation, an estimate
     */
    public record CountedStep(
            String label,
            double alongUnits,
            double alongRestMetres,
            double acrossUnits,
            double acrossRestMetres,
            double errorMetres) {}

    public CountedSheet {
        steps = List.copyOf(steps);
    }

    /** Along and across in paces of this instructor, to a quarter of one. */
    public static CountedSheet inPaces(SetupSheet sheet, Calibration pace) {
        double unit = pace.unitMetres();
        List<CountedStep> steps = sheet.steps().stream()
                .map(s -> new CountedStep(
                        s.cone().label(),
                        SetupSheet.rounded(s.alongMetres() / unit, PACE_SHARE),
                        0,
                        SetupSheet.rounded(s.acrossMetres() / unit, PACE_SHARE),
                        0,
                        PlaceError.metres(LengthMethod.PACES, LengthMethod.PACES, s.alongMetres(), s.acrossMetres())))
                .toList();
        return new CountedSheet(LengthMethod.PACES, unit, steps, rounding(sheet, steps, unit));
    }

    /** Along in whole bays from the datum on a dividing line, and the rest by tape; across by tape. */
    public static CountedSheet inBays(SetupSheet sheet, Calibration bay) {
        double unit = bay.unitMetres();
        double step = sheet.stepMetres();
        List<CountedStep> steps = sheet.steps().stream()
                .map(s -> {
                    double whole = Math.floor(s.alongMetres() / unit + step / 2);
                    return new CountedStep(
                            s.cone().label(),
                            whole,
                            SetupSheet.rounded(s.alongMetres() - whole * unit, step),
                            0,
                            s.acrossMetres(),
                            PlaceError.metres(LengthMethod.BAYS, LengthMethod.TAPE, s.alongMetres(), s.acrossMetres()));
                })
                .toList();
        return new CountedSheet(LengthMethod.BAYS, unit, steps, rounding(sheet, steps, unit));
    }

    private static double rounding(SetupSheet sheet, List<CountedStep> steps, double unit) {
        double worst = 0;
        for (int i = 0; i < steps.size(); i++) {
            CountedStep s = steps.get(i);
            SetupStep exact = sheet.steps().get(i);
            double along = s.alongUnits * unit + s.alongRestMetres - exact.alongMetres();
            double across = s.acrossUnits * unit + s.acrossRestMetres - exact.acrossMetres();
            worst = Math.max(worst, Math.hypot(along, across));
        }
        return worst;
    }
}
