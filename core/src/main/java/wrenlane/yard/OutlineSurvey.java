package wrenlane.yard;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.hipparchus.distribution.continuous.ChiSquaredDistribution;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealVector;
import org.hipparchus.linear.SingularValueDecomposition;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Polygon;
import wrenlane.finding.Finding;
import wrenlane.plane.Point;
import wrenlane.units.MeasuredLength;
import wrenlane.yard.SurveyedOutline.Adjusted;

/**
 * Adjusts a measured outline by least squares, as surveyors do.
 *
 * <p>Unknown are the corners' places but for what turning and moving the whole leaves free: A lies at the origin and B
 * on x, so n corners have 2n − 3 unknowns. Every side, diagonal and square corner gives one equation, weighted by its
 * standard deviation; where there are more equations than unknowns, Σ ((made − measured) / deviation)² is made least
 * (Levenberg and Marquardt's method, Hipparchus), which spreads the closing error by how far out each measurement may be.
 *
 * <p>If all is measured as well as its deviation says, that sum follows the chi-square distribution with as many degrees
 * of freedom as there are equations to spare. Above its 99.9 % point something is wrong. Then each measurement is left out
 * in turn: where the others agree without it, it alone explains the misfit, and what they make of it is its likely true
 * value.
 */
final class OutlineSurvey {
    /**
     * How far a corner called square may be off, one standard deviation, in radians; chosen by us: what a taped triangle of
     * 3, 4 and 5 m leaves. By the law of cosines dγ = c·dc / (a·b), with dc = 1 cm 0.24°.
     */
    private static final double SQUARE_DEVIATION = Math.toRadians(0.25);

    /** A direction of the unknowns that changes no measurement by more than this share of the largest is free. */
    private static final double FREE_SHARE = 1e-7;

    /** Most explanations told; chosen by us: more are not acted on. */
    private static final int MOST_TOLD = 3;

    private final MeasuredOutline outline;
    private final int n;
    private final List<OutlineMeasure> measures;

    OutlineSurvey(MeasuredOutline outline) {
        this.outline = outline;
        this.n = outline.sides().size();
        this.measures = measures();
    }

    private List<OutlineMeasure> measures() {
        List<OutlineMeasure> all = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            all.add(length(outline.sideName(i), i, (i + 1) % n, outline.sides().get(i)));
        }
        for (int i = 0; i < n; i++) {
            Corner corner = outline.corners().get(i);
            if (corner.square()) {
                all.add(new OutlineMeasure(
                        "corner " + MeasuredOutline.letter(i),
                        i,
                        (i + n - 1) % n,
                        (i + 1) % n,
                        true,
                        corner.interiorRadians(),
                        SQUARE_DEVIATION));
            }
        }
        for (MeasuredOutline.Diagonal d : outline.diagonals()) {
            String name = "diagonal " + MeasuredOutline.letter(d.from()) + MeasuredOutline.letter(d.to());
            all.add(length(name, d.from(), d.to(), d.length()));
        }
        return all;
    }

    private static OutlineMeasure length(String name, int from, int to, MeasuredLength length) {
        return new OutlineMeasure(
                name, from, from, to, false, length.metres(), Math.max(1e-3, length.uncertaintyMetres()));
    }

    /** A solution: places, and the sum of squares left. */
    private record Solved(Point[] at, double squares) {}

    SurveyedOutline adjusted() {
        Point[] guess = new OutlineGuess(outline).corners();
        if (!determined(measures, guess)) {
            return new SurveyedOutline(List.of(guess), 0, 0, List.of(), List.of(loose()));
        }
        Solved solved = solve(measures, guess);
        Polygon polygon = Shapes.polygon(List.of(solved.at));
        if (!polygon.isValid() || !Orientation.isCCW(polygon.getExteriorRing().getCoordinates())) {
            return new SurveyedOutline(List.of(solved.at), 0, 0, List.of(), List.of(crosses()));
        }
        int spare = measures.size() - unknowns();
        List<Finding> findings =
                solved.squares > likelyUpTo(spare) ? List.of(misfit(solved, spare)) : List.<Finding>of();
        return new SurveyedOutline(
                List.of(solved.at), polygon.getArea(), closingError(solved.at), told(solved.at), findings);
    }

    private int unknowns() {
        return 2 * n - 3;
    }

    private List<Adjusted> told(Point[] at) {
        return measures.stream()
                .map(m -> new Adjusted(m.what(), m.angle(), m.measured(), m.of(at)))
                .toList();
    }

    private Solved solve(List<OutlineMeasure> used, Point[] from) {
        try {
            RealVector best = new LevenbergMarquardtOptimizer()
                    .optimize(new LeastSquaresBuilder()
                            .start(unknownsOf(from))
                            .target(new double[used.size()])
                            .model(x -> new Pair<>(
                                    residuals(used, x),
                                    MatrixUtils.createRealMatrix(jacobian(used, places(x.toArray())))))
                            .maxEvaluations(500)
                            .maxIterations(500)
                            .build())
                    .getPoint();
            return new Solved(places(best.toArray()), squares(used, places(best.toArray())));
        } catch (MathRuntimeException e) {
            // The method found no way on: what it started from is as good as it gets, and its misfit says so.
            return new Solved(from, squares(used, from));
        }
    }

    private RealVector residuals(List<OutlineMeasure> used, RealVector x) {
        Point[] at = places(x.toArray());
        return MatrixUtils.createRealVector(
                used.stream().mapToDouble(m -> m.residual(at)).toArray());
    }

    private static double squares(List<OutlineMeasure> used, Point[] at) {
        return used.stream().mapToDouble(m -> m.residual(at)).map(r -> r * r).sum();
    }

    /** The unknowns are B's x, then x and y of every later corner. */
    private double[] unknownsOf(Point[] at) {
        double[] x = new double[unknowns()];
        x[0] = at[1].x();
        for (int i = 2; i < n; i++) {
            x[2 * i - 3] = at[i].x();
            x[2 * i - 2] = at[i].y();
        }
        return x;
    }

    private Point[] places(double[] x) {
        Point[] at = new Point[n];
        at[0] = new Point(0, 0);
        at[1] = new Point(x[0], 0);
        for (int i = 2; i < n; i++) {
            at[i] = new Point(x[2 * i - 3], x[2 * i - 2]);
        }
        return at;
    }

    private double[][] jacobian(List<OutlineMeasure> used, Point[] at) {
        double[][] rows = new double[used.size()][unknowns()];
        for (int r = 0; r < rows.length; r++) {
            double[] full = new double[2 * n];
            used.get(r).derivatives(at, full);
            rows[r][0] = full[2];
            System.arraycopy(full, 4, rows[r], 1, 2 * n - 4);
        }
        return rows;
    }

    private boolean determined(List<OutlineMeasure> used, Point[] at) {
        if (used.size() < unknowns()) {
            return false;
        }
        double[] singular =
                new SingularValueDecomposition(MatrixUtils.createRealMatrix(jacobian(used, at))).getSingularValues();
        return singular[unknowns() - 1] > FREE_SHARE * singular[0];
    }

    /** The 99.9 % point of the chi-square distribution; zero degrees leave nothing to tell, so a trace of rounding. */
    static double likelyUpTo(int degrees) {
        if (degrees == 0) {
            return 1e-6;
        }
        return new ChiSquaredDistribution(degrees).inverseCumulativeProbability(LIKELY);
    }

    /** What is less likely than one in a thousand is not chance; chosen by us: a yard is measured once. */
    private static final double LIKELY = 0.999;

    /** A measurement that alone explains the misfit, with what the others make of it. */
    private record Suspect(OutlineMeasure measure, double others, double squares) {}

    private Finding misfit(Solved solved, int spare) {
        List<Suspect> suspects = new ArrayList<>();
        for (OutlineMeasure m : measures) {
            List<OutlineMeasure> others = measures.stream().filter(o -> o != m).toList();
            if (determined(others, solved.at)) {
                Solved without = solve(others, solved.at);
                if (without.squares <= likelyUpTo(spare - 1)) {
                    suspects.add(new Suspect(m, m.of(without.at), without.squares));
                }
            }
        }
        suspects.sort(Comparator.comparingDouble(Suspect::squares));
        if (suspects.isEmpty()) {
            return new Finding(
                    SurveyedOutline.MISFIT,
                    "outline",
                    "The lengths and corners contradict each other, and no single one explains it. Measure the "
                            + worst(solved.at) + " again first.");
        }
        String told = suspects.stream()
                .limit(MOST_TOLD)
                .map(OutlineSurvey::said)
                .reduce((a, b) -> a + ", or " + b)
                .orElseThrow();
        return new Finding(
                SurveyedOutline.MISFIT,
                suspects.get(0).measure.what(),
                Character.toUpperCase(told.charAt(0)) + told.substring(1) + ". Measure "
                        + (suspects.size() == 1 ? "it" : "these") + " again.");
    }

    private String worst(Point[] at) {
        return measures.stream()
                .max(Comparator.comparingDouble(m -> Math.abs(m.residual(at))))
                .map(OutlineMeasure::what)
                .orElse("sides");
    }

    private static String said(Suspect s) {
        if (s.measure.angle()) {
            return String.format(
                    Locale.ROOT,
                    "%s is not square: all else makes it %.1f°",
                    s.measure.what(),
                    Math.toDegrees(s.others));
        }
        double off = s.measure.measured() - s.others;
        return String.format(
                Locale.ROOT,
                "%s is %.2f m too %s: all else makes it %.2f m",
                s.measure.what(),
                Math.abs(off),
                off < 0 ? "short" : "long",
                s.others);
    }

    private Finding loose() {
        List<String> wanted = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            if (!outline.corners().get(i).square() && !braced(i)) {
                wanted.add(MeasuredOutline.letter((i + n - 1) % n) + " to " + MeasuredOutline.letter((i + 1) % n));
            }
        }
        int missing = Math.max(1, unknowns() - measures.size());
        return new Finding(
                SurveyedOutline.LOOSE,
                "outline",
                "These lengths fit many shapes. Tape "
                        + (missing == 1 ? "one more diagonal" : missing + " more diagonals")
                        + (wanted.isEmpty() ? "" : ", such as " + String.join(" or ", wanted))
                        + ", or mark the corners that are square.");
    }

    /** Whether a diagonal joins a corner's neighbours. */
    private boolean braced(int i) {
        int before = (i + n - 1) % n;
        int after = (i + 1) % n;
        return outline.diagonals().stream()
                .anyMatch(d -> (d.from() == before && d.to() == after) || (d.from() == after && d.to() == before));
    }

    private static Finding crosses() {
        return new Finding(
                SurveyedOutline.CROSSES,
                "outline",
                "Sides of this outline cross each other. Walk it with the yard at your left hand, and see which corners turn"
                        + " back into the yard.");
    }

    /** Where a walk ends that takes the lengths as measured, and turns square where square, else as adjusted. */
    private double closingError(Point[] at) {
        double x = 0;
        double y = 0;
        double heading = 0;
        for (int i = 0; i < n; i++) {
            x += outline.sides().get(i).metres() * Math.cos(heading);
            y += outline.sides().get(i).metres() * Math.sin(heading);
            int next = (i + 1) % n;
            Corner corner = outline.corners().get(next);
            heading += Math.PI
                    - (corner.square()
                            ? corner.interiorRadians()
                            : OutlineMeasure.interior(at[i], at[next], at[(next + 1) % n]));
        }
        return Math.hypot(x, y);
    }
}
