package wrenlane.rideline.solve;

import java.util.Arrays;
import wrenlane.course.plan.Route;
import wrenlane.plane.Point;
import wrenlane.plane.Polyline;
import wrenlane.rideline.CheckedLine;
import wrenlane.rideline.LineChecker;
import wrenlane.rideline.LineTask;

/**
 * A line being worked on: rear contact, heading and curvature at evenly spaced nodes, curvature changing evenly in
 * between. Until the solver is done the pieces need not quite meet.
 */
public final class LineNodes {
    /** Nodes stand about this far apart, in metres; chosen by us: finer changed no peak by more than 0.1 %. */
    static final double SPACING_METRES = 0.3;

    /** On long courses they stand further apart, up to this. */
    private static final double LONG_SPACING_METRES = 0.4;

    private static double spacing(double length) {
        double share = Math.min(1, Math.max(0, (length - 25) / 15));
        return SPACING_METRES + share * (LONG_SPACING_METRES - SPACING_METRES);
    }

    private static final int FEWEST = 24;
    private static final int MOST = 400;

    /** Places and weights of three-point Gauss-Legendre integration on 0 to 1 (Abramowitz and Stegun, 25.4.30). */
    private static final double[] GAUSS_AT = {0.5 - Math.sqrt(0.15), 0.5, 0.5 + Math.sqrt(0.15)};

    private static final double[] GAUSS_WEIGHT = {5 / 18.0, 8 / 18.0, 5 / 18.0};

    final int segments;
    final double[] x, y, heading, curvature;
    double spacing;

    private LineNodes(int segments) {
        this.segments = segments;
        x = new double[segments + 1];
        y = new double[segments + 1];
        heading = new double[segments + 1];
        curvature = new double[segments + 1];
    }

    LineNodes copy() {
        LineNodes copy = new LineNodes(segments);
        System.arraycopy(x, 0, copy.x, 0, x.length);
        System.arraycopy(y, 0, copy.y, 0, y.length);
        System.arraycopy(heading, 0, copy.heading, 0, heading.length);
        System.arraycopy(curvature, 0, copy.curvature, 0, curvature.length);
        copy.spacing = spacing;
        return copy;
    }

    /** The first guess: the route's polyline, its corners rounded by averaging the heading over a machine's length. */
    public static LineNodes along(Route route) {
        return along(route, spacing(route.lengthMetres()));
    }

    /** The same with nodes about so far apart, in metres. */
    static LineNodes along(Route route, double spacingMetres) {
        double length = route.lengthMetres();
        int segments = (int) Math.min(MOST, Math.max(FEWEST, Math.ceil(length / spacingMetres)));
        LineNodes nodes = new LineNodes(segments);
        nodes.spacing = length / segments;
        double[] fine = headings(route, segments * FINE);
        int window = Math.max(1, (int) Math.round(ROUNDED_METRES / (length / (segments * FINE)) / 2));
        double[] smooth = averaged(averaged(fine, window), window);
        Polyline way = new Polyline(route.points());
        for (int i = 0; i <= segments; i++) {
            Point at = way.at(i * nodes.spacing);
            nodes.x[i] = at.x();
            nodes.y[i] = at.y();
            nodes.heading[i] = smooth[i * FINE];
            int before = Math.max(0, i * FINE - FINE / 2);
            int after = Math.min(segments * FINE, i * FINE + FINE / 2);
            nodes.curvature[i] = (smooth[after] - smooth[before]) / ((after - before) * length / (segments * FINE));
        }
        return nodes;
    }

    private static final int FINE = 8;
    /** Length over which a corner of the guess is rounded, in metres. */
    private static final double ROUNDED_METRES = 1.2;

    /** How far a route turns to either side, in radians, neither below zero. */
    record TurnAngles(double left, double right) {
        double together() {
            return left + right;
        }

        double lesser() {
            return Math.min(left, right);
        }
    }

    static TurnAngles turning(Route route) {
        double[] headings = headings(route, PIECES);
        double left = 0;
        double right = 0;
        for (int i = 1; i <= PIECES; i++) {
            double turned = headings[i] - headings[i - 1];
            left += Math.max(0, turned);
            right += Math.max(0, -turned);
        }
        return new TurnAngles(left, right);
    }

    private static final int PIECES = 200;

    private static double[] headings(Route route, int pieces) {
        Polyline way = new Polyline(route.points());
        double step = route.lengthMetres() / pieces;
        double[] headings = new double[pieces + 1];
        double last = route.start().headingRadians();
        for (int i = 0; i <= pieces; i++) {
            Point from = way.at(Math.max(0, (i - 0.5) * step));
            Point to = way.at(Math.min(pieces * step, (i + 0.5) * step));
            double turned = Math.atan2(to.y() - from.y(), to.x() - from.x()) - last;
            last += Math.IEEEremainder(turned, 2 * Math.PI);
            headings[i] = last;
        }
        return headings;
    }

    private static double[] averaged(double[] values, int window) {
        double[] result = new double[values.length];
        for (int i = 0; i < values.length; i++) {
            int reach = Math.min(window, Math.min(i, values.length - 1 - i));
            double sum = 0;
            for (int k = i - reach; k <= i + reach; k++) {
                sum += values[k];
            }
            result[i] = sum / (2 * reach + 1);
        }
        return result;
    }

    /** The same line with its nodes elsewhere, evenly spaced: its pieces do not quite join. */
    LineNodes with(int wanted) {
        if (wanted == segments) {
            return this;
        }
        LineNodes respaced = new LineNodes(wanted);
        respaced.spacing = lengthMetres() / wanted;
        Pose p = new Pose();
        for (int i = 0; i <= wanted; i++) {
            double at = (double) i * segments / wanted;
            int segment = Math.min(segments - 1, (int) at);
            pose(segment, at - segment, p);
            respaced.x[i] = p.x;
            respaced.y[i] = p.y;
            respaced.heading[i] = p.heading;
            respaced.curvature[i] = p.curvature;
        }
        return respaced;
    }

    /** The line as the checker rides it again, from its start and curvatures alone. */
    CheckedLine checked(LineTask task) {
        return LineChecker.check(
                task,
                new Point(x[0], y[0]),
                heading[0],
                spacing,
                Arrays.stream(curvature).boxed().toList());
    }

    double lengthMetres() {
        return spacing * segments;
    }

    /** Change of curvature over a segment, 1/m. */
    double input(int i) {
        return curvature[i + 1] - curvature[i];
    }

    /**
     * A pose on a segment with its slopes.
     *
     * <p>θ(u) = θᵢ + h(κᵢu + ½wu²), x(u) = xᵢ + h∫₀ᵘcos θ dv, y(u) = yᵢ + h∫₀ᵘsin θ dv, the integrals by three Gauss
     * points: off by less than 1e-8 m on a segment that turns a quarter of a radian.
     */
    static final class Pose {
        double x, y, heading, curvature;
        /** Slopes of x and y with θᵢ, κᵢ, w and h; of the heading with κᵢ, w and h; of the curvature with w. */
        double xHeading, xCurvature, xInput, xSpacing;

        double yHeading, yCurvature, yInput, ySpacing;
        double headingCurvature, headingInput, headingSpacing;
        double curvatureInput;
    }

    /** Fills in the pose a share u of the way along segment i; i = segments with u = 0 is the last node. */
    void pose(int i, double u, Pose p) {
        double h = spacing;
        double k = curvature[i];
        double w = i < segments ? input(i) : 0;
        double cos = 0, sin = 0, sin1 = 0, cos1 = 0, sin2 = 0, cos2 = 0;
        if (u > 0) {
            for (int g = 0; g < 3; g++) {
                double v = u * GAUSS_AT[g];
                double weight = u * GAUSS_WEIGHT[g];
                double at = heading[i] + h * v * (k + w * v / 2);
                double c = weight * Math.cos(at);
                double s = weight * Math.sin(at);
                cos += c;
                sin += s;
                cos1 += v * c;
                sin1 += v * s;
                cos2 += v * v / 2 * c;
                sin2 += v * v / 2 * s;
            }
        }
        p.x = x[i] + h * cos;
        p.y = y[i] + h * sin;
        p.heading = heading[i] + h * u * (k + w * u / 2);
        p.curvature = k + u * w;
        p.xHeading = -h * sin;
        p.yHeading = h * cos;
        p.xCurvature = -h * h * sin1;
        p.yCurvature = h * h * cos1;
        p.xInput = -h * h * sin2;
        p.yInput = h * h * cos2;
        p.xSpacing = cos - h * (k * sin1 + w * sin2);
        p.ySpacing = sin + h * (k * cos1 + w * cos2);
        p.headingCurvature = h * u;
        p.headingInput = h * u * u / 2;
        p.headingSpacing = u * (k + w * u / 2);
        p.curvatureInput = u;
    }

    /** A line's gaps summed up: metres and radians between the end of each segment and the next node. */
    double gaps() {
        Pose p = new Pose();
        double sum = 0;
        for (int i = 0; i < segments; i++) {
            pose(i, 1, p);
            sum += Math.abs(p.x - x[i + 1]) + Math.abs(p.y - y[i + 1]) + Math.abs(p.heading - heading[i + 1]);
        }
        return sum;
    }

    /** Closes every gap by moving each node to where the segments before it lead. */
    void joinUp() {
        Pose p = new Pose();
        for (int i = 0; i < segments; i++) {
            pose(i, 1, p);
            x[i + 1] = p.x;
            y[i + 1] = p.y;
            heading[i + 1] = p.heading;
        }
    }
}
