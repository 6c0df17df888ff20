package wrenlane.rideline;

import java.util.List;

/**
 * A line through a course.
 *
 * @param points every 2 cm of the rear path or closer
 * @param spacingMetres between the nodes at which the curvature is given
 * @param curvatures at the nodes, 1/m, left positive; it changes evenly in between
 */
public record RideLine(List<LinePoint> points, double spacingMetres, List<Double> curvatures) {
    public RideLine {
        points = List.copyOf(points);
        curvatures = List.copyOf(curvatures);
    }

    /** Length of the rear path, in metres. */
    public double lengthMetres() {
        return spacingMetres * (curvatures.size() - 1);
    }

    /** Largest |κ|, 1/m. */
    public double peakCurvature() {
        return curvatures.stream().mapToDouble(Math::abs).max().orElse(0);
    }
}
