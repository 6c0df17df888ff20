package wrenlane.yard;

import java.util.List;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealVector;
import org.hipparchus.linear.SingularValueDecomposition;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;
import wrenlane.plane.Point;

/**
 * Where the corners of an outline lie, by least squares over what was measured of them.
 *
 * <p>Unknown are the corners' places but for what turning and moving the whole leaves free: A lies at the origin and B
 * on x, so n corners have 2n − 3 unknowns. Every measurement gives one equation, weighted by its standard deviation; where
 * there are more equations than unknowns, Σ ((made − measured) / deviation)² is made least (Levenberg and Marquardt's
 * method, Hipparchus), which spreads the closing error by how far out each measurement may be.
 */
record OutlineAdjustment(Point[] at, double squares) {
    /** A direction of the unknowns that changes no measurement by more than this share of the largest is free. */
    private static final double FREE_SHARE = 1e-7;

    private static final int MOST_ROUNDS = 500;

    /** Unknowns of an outline of so many corners. */
    static int unknowns(int corners) {
        return 2 * corners - 3;
    }

    /** Whether measurements leave no corner free to move, near some places of them. */
    static boolean determined(List<OutlineMeasure> measures, Point[] at) {
        int unknowns = unknowns(at.length);
        if (measures.size() < unknowns) {
            return false;
        }
        double[] singular = new SingularValueDecomposition(MatrixUtils.createRealMatrix(jacobian(measures, at)))
                .getSingularValues();
        return singular[unknowns - 1] > FREE_SHARE * singular[0];
    }

    /** The places that fit measurements best, sought from some near them. */
    static OutlineAdjustment of(List<OutlineMeasure> measures, Point[] from) {
        int corners = from.length;
        try {
            RealVector best = new LevenbergMarquardtOptimizer()
                    .optimize(new LeastSquaresBuilder()
                            .start(unknownsOf(from))
                            .target(new double[measures.size()])
                            .model(x -> {
                                Point[] at = places(x.toArray(), corners);
                                return new Pair<>(
                                        MatrixUtils.createRealVector(residuals(measures, at)),
                                        MatrixUtils.createRealMatrix(jacobian(measures, at)));
                            })
                            .maxEvaluations(MOST_ROUNDS)
                            .maxIterations(MOST_ROUNDS)
                            .build())
                    .getPoint();
            return at(measures, places(best.toArray(), corners));
        } catch (MathRuntimeException e) {
            // The method found no way on: what it started from is as good as it gets, and its misfit says so.
            return at(measures, from);
        }
    }

    private static OutlineAdjustment at(List<OutlineMeasure> measures, Point[] at) {
        double squares = 0;
        for (double r : residuals(measures, at)) {
            squares += r * r;
        }
        return new OutlineAdjustment(at, squares);
    }

    private static double[] residuals(List<OutlineMeasure> measures, Point[] at) {
        return measures.stream().mapToDouble(m -> m.residual(at)).toArray();
    }

    /** The unknowns are B's x, then x and y of every later corner. */
    private static double[] unknownsOf(Point[] at) {
        double[] x = new double[unknowns(at.length)];
        x[0] = at[1].x();
        for (int i = 2; i < at.length; i++) {
            x[2 * i - 3] = at[i].x();
            x[2 * i - 2] = at[i].y();
        }
        return x;
    }

    private static Point[] places(double[] x, int corners) {
        Point[] at = new Point[corners];
        at[0] = new Point(0, 0);
        at[1] = new Point(x[0], 0);
        for (int i = 2; i < corners; i++) {
            at[i] = new Point(x[2 * i - 3], x[2 * i - 2]);
        }
        return at;
    }

    private static double[][] jacobian(List<OutlineMeasure> measures, Point[] at) {
        int n = at.length;
        double[][] rows = new double[measures.size()][unknowns(n)];
        for (int r = 0; r < rows.length; r++) {
            double[] full = new double[2 * n];
            measures.get(r).derivatives(at, full);
            rows[r][0] = full[2];
            System.arraycopy(full, 4, rows[r], 1, 2 * n - 4);
        }
        return rows;
    }
}
