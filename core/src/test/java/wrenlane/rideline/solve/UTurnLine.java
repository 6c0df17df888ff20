package wrenlane.rideline.solve;

import java.util.ArrayList;
import java.util.List;
import wrenlane.plane.Point;
import wrenlane.rideline.LinePoint;

/**
 * A left turn through half a circle: curvature built up, held, let out, so that the machine leaves parallel to the way
 * it came in.
 *
 * <p>κ(s) rises at the rate σ to the peak K, is held, and falls at σ, with ∫κ ds = π. The two ramps turn K²/σ; where
 * that is more than π the peak is never reached and the ramps meet at √(πσ). With σ → ∞ the path is half a circle of
 * radius 1/K, and the width it needs is Rr + Rf + tyre, in closed form. Derivation: the area under a trapezoid of
 * height K, flanks K/σ and plateau (π − K²/σ)/K.
 *
 * <p>Starts with the rear contact at (0, 0) heading along +x. Both contacts have zero width here: add the tyre.
 *
 * @param wheelbaseMetres p
 * @param peakCurvature K as asked for, 1/m, above zero
 * @param curvatureRate σ, 1/m², above zero; {@link Double#POSITIVE_INFINITY} for bars turned before moving
 */
public record UTurnLine(double wheelbaseMetres, double peakCurvature, double curvatureRate) {
    /** Path step of {@link #points()}, in metres; 2 cm, so that a drawn line is a checked line. */
    public static final double STEP_METRES = 0.02;

    /** Path step of {@link #reach()}, in metres. */
    private static final double REACH_STEP_METRES = 0.05;

    public UTurnLine {
        if (!(wheelbaseMetres > 0 && wheelbaseMetres < 10)) {
            throw new IllegalArgumentException(
                    "wheelbaseMetres is " + wheelbaseMetres + " m; it lies between 0 and 10 m");
        }
        if (!(peakCurvature > 0 && peakCurvature < 100)) {
            throw new IllegalArgumentException(
                    "peakCurvature is " + peakCurvature + " /m; it lies between 0 and 100 /m");
        }
        if (!(curvatureRate > 0)) {
            throw new IllegalArgumentException("curvatureRate is " + curvatureRate + " /m²; it lies above 0");
        }
    }

    /** The peak reached, 1/m: K, or √(πσ) where the ramps meet below it. */
    public double reachedCurvature() {
        return Math.min(peakCurvature, Math.sqrt(Math.PI * curvatureRate));
    }

    /** Length of one ramp K/σ, in metres; zero with σ → ∞. */
    public double rampMetres() {
        return reachedCurvature() / curvatureRate;
    }

    /** Length of the rear path, in metres. */
    public double lengthMetres() {
        return 2 * rampMetres() + plateauMetres();
    }

    private double plateauMetres() {
        double k = reachedCurvature();
        return Math.max(0, (Math.PI - k * rampMetres()) / k);
    }

    /** Curvature at a distance along the rear path, 1/m. */
    public double curvatureAt(double distanceMetres) {
        if (curvatureRate == Double.POSITIVE_INFINITY) {
            return reachedCurvature();
        }
        return Math.min(
                reachedCurvature(),
                curvatureRate * Math.min(distanceMetres, Math.max(0, lengthMetres() - distanceMetres)));
    }

    /** Heading at a distance along the rear path, in radians: ∫κ ds, in closed form on each piece. */
    public double headingAt(double distanceMetres) {
        double ramp = rampMetres();
        double length = lengthMetres();
        double out = Math.max(0, length - distanceMetres);
        if (distanceMetres < ramp) {
            return curvatureRate * distanceMetres * distanceMetres / 2;
        }
        if (out < ramp) {
            return Math.PI - curvatureRate * out * out / 2;
        }
        return reachedCurvature() * (distanceMetres - ramp / 2);
    }

    /**
     * The line every {@link #STEP_METRES} or closer. Positions by the midpoint rule on the exact heading: error below
     * κ²h²/24 of the length, under 0.1 mm here.
     */
    public List<LinePoint> points() {
        int steps = steps(STEP_METRES);
        double h = lengthMetres() / steps;
        List<LinePoint> points = new ArrayList<>(steps + 1);
        double x = 0;
        double y = 0;
        for (int i = 0; i <= steps; i++) {
            double s = i * h;
            double heading = headingAt(s);
            points.add(point(s, x, y, heading));
            double middle = headingAt(s + h / 2);
            x += h * Math.cos(middle);
            y += h * Math.sin(middle);
        }
        return points;
    }

    private LinePoint point(double s, double x, double y, double heading) {
        Point front = new Point(x + wheelbaseMetres * Math.cos(heading), y + wheelbaseMetres * Math.sin(heading));
        return new LinePoint(s, new Point(x, y), front, heading, curvatureAt(s));
    }

    /**
     * How far either contact reaches.
     *
     * @param acrossMetres to the left of the entry line
     * @param deepMetres beyond the rear contact's start
     */
    public record Reach(double acrossMetres, double deepMetres) {}

    /**
     * The reach, without making points: evaluated hundreds of times for one answer, so in steps of
     * {@link #REACH_STEP_METRES}. Off by at most κh²/8 from between two steps and κ²h²/24 of the length from the midpoint
     * rule, together under 0.3 mm at any turn of a machine: far below what a tape shows.
     */
    public Reach reach() {
        int steps = steps(REACH_STEP_METRES);
        double h = lengthMetres() / steps;
        double x = 0;
        double y = 0;
        double across = 0;
        double deep = 0;
        for (int i = 0; i <= steps; i++) {
            double heading = headingAt(i * h);
            across = Math.max(across, Math.max(y, y + wheelbaseMetres * Math.sin(heading)));
            deep = Math.max(deep, Math.max(x, x + wheelbaseMetres * Math.cos(heading)));
            double middle = headingAt((i + 0.5) * h);
            x += h * Math.cos(middle);
            y += h * Math.sin(middle);
        }
        return new Reach(across, deep);
    }

    private int steps(double stepMetres) {
        return (int) Math.ceil(lengthMetres() / stepMetres);
    }
}
