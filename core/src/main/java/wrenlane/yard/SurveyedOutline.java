package wrenlane.yard;

import java.util.List;
import wrenlane.finding.Finding;
import wrenlane.plane.Point;

/**
 * An outline with its measuring errors spread.
 *
 * @param corners anticlockwise: A at the origin, B along x; a first guess where the outline is loose
 * @param areaSquareMetres within
 * @param closingErrorMetres how far from A the walk round ends, by the lengths and the square corners as measured
 * @param adjusted every measurement beside what the outline makes of it
 * @param findings what is wrong with the measurements
 */
public record SurveyedOutline(
        List<Point> corners,
        double areaSquareMetres,
        double closingErrorMetres,
        List<MeasurementAdjustment> adjusted,
        List<Finding> findings) {
    /** Measurements are missing: the outline could be of many shapes. */
    public static final String LOOSE = "outline-loose";

    /** Sides cross, so that there is no inside. */
    public static final String CROSSES = "outline-crosses";

    /** Measurements contradict each other by more than measuring explains. */
    public static final String MISFIT = "outline-misfit";

    /**
     * A measurement and what became of it.
     *
     * @param what such as {@code side AB}, {@code corner B} or {@code diagonal AC}
     * @param angle whether the figures are radians; metres otherwise
     * @param measured as it was measured, in metres or radians
     * @param adjusted as it fits the rest best, in metres or radians
     */
    public record MeasurementAdjustment(String what, boolean angle, double measured, double adjusted) {}

    public SurveyedOutline {
        corners = List.copyOf(corners);
        adjusted = List.copyOf(adjusted);
        findings = List.copyOf(findings);
    }

    /** What leaves no outline to work with; a misfit alone does not. */
    public List<Finding> blocking() {
        return findings.stream().filter(f -> !f.code().equals(MISFIT)).toList();
    }
}
