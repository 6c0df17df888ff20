package wrenlane.bench;

import java.util.Arrays;
import java.util.Locale;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.optim.InitialGuess;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.PointValuePair;
import org.hipparchus.optim.SimpleBounds;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.nonlinear.scalar.ObjectiveFunction;
import org.hipparchus.optim.nonlinear.scalar.noderiv.CMAESOptimizer;
import org.hipparchus.random.MersenneTwister;
import wrenlane.course.Course;
import wrenlane.course.kind.CourseKinds;
import wrenlane.machine.MachineClass;
import wrenlane.machine.MachineTurn;
import wrenlane.rider.RiderLevel;
import wrenlane.riding.Ride;
import wrenlane.verdict.CourseFit;

/**
 * The easiest line through the standard straight weave, handed to a general-purpose derivative-free optimiser (CMA-ES),
 * for comparison of time and peak curvature with the core's own. The same limits, the same five cones cleared by the
 * wheels, curvature at nodes; sides, room, rate and the end as penalties.
 */
final class DerivativeFree {
    private static final int NODES = 36;
    private static final double LENGTH = 28.6;
    private static final int EVALUATIONS = 60_000;
    private static final double PENALTY = 40;

    private DerivativeFree() {}

    public static void main(String[] args) {
        MachineTurn turn = MachineTurn.computed(
                MachineClass.find("tourer-850").orElseThrow().typical());
        Ride ride = Ride.firm(turn, RiderLevel.DEVELOPING.limits());
        Course weave = Course.standard(CourseKinds.find("straight-weave").orElseThrow());
        for (int i = 0; i < 30; i++) {
            CourseFit.of(weave, ride);
        }
        long from = System.nanoTime();
        CourseFit fit = CourseFit.of(weave, ride).fit();
        double own = (System.nanoTime() - from) / 1e6;
        double peak = fit.easiest().orElseThrow().line().peakCurvature();
        System.out.printf(Locale.ROOT, "core, both lines: %.0f ms, peak %.4f /m%n", own, peak);
        double clearance = 0.1 + turn.frontTyreMetres() / 2;
        from = System.nanoTime();
        double general = general(turn.wheelbaseMetres(), clearance, fit.left().curvatureRate());
        System.out.printf(
                Locale.ROOT,
                "CMA-ES, %d evaluations at most: %.0f ms, peak %.4f /m with its penalties%n",
                EVALUATIONS,
                (System.nanoTime() - from) / 1e6,
                general);
    }

    private static double general(double wheelbase, double clearance, double rate) {
        CMAESOptimizer optimizer =
                new CMAESOptimizer(EVALUATIONS, 1e-5, true, 0, 0, new MersenneTwister(7), false, null);
        double[] start = new double[NODES + 1];
        for (int i = 0; i < NODES; i++) {
            start[i] = 0.06 * Math.sin(2 * Math.PI * (i * LENGTH / NODES - 2.75) / 9);
        }
        start[NODES] = 1;
        double[] low = new double[NODES + 1];
        double[] high = new double[NODES + 1];
        double[] sigma = new double[NODES + 1];
        Arrays.fill(low, -0.5);
        Arrays.fill(high, 0.5);
        Arrays.fill(sigma, 0.03);
        low[NODES] = 0.95;
        high[NODES] = 1.1;
        try {
            PointValuePair best = optimizer.optimize(
                    new MaxEval(EVALUATIONS),
                    new ObjectiveFunction(x -> cost(x, wheelbase, clearance, rate)),
                    GoalType.MINIMIZE,
                    new InitialGuess(start),
                    new SimpleBounds(low, high),
                    new CMAESOptimizer.Sigma(sigma),
                    new CMAESOptimizer.PopulationSize(16));
            return best.getValue();
        } catch (MathIllegalStateException e) {
            // It stops at its evaluations by throwing, and keeps no best: said as not found.
            return Double.NaN;
        }
    }

    /** Peak curvature, and a penalty for every metre of room, end and side that is missing. */
    private static double cost(double[] x, double wheelbase, double clearance, double rate) {
        double spacing = LENGTH * x[NODES] / NODES;
        double peak = 0;
        double missing = 0;
        double px = -5;
        double py = 0;
        double heading = 0;
        double[] nearest = {9, 9, 9, 9, 9};
        boolean[] wrong = new boolean[5];
        for (int i = 0; i < NODES; i++) {
            peak = Math.max(peak, Math.abs(x[i]));
            if (i > 0) {
                missing += Math.max(0, Math.abs(x[i] - x[i - 1]) - rate * spacing);
            }
            for (int j = 0; j < 8; j++) {
                double h = spacing / 8;
                double before = px;
                heading += h * x[i] / 2;
                px += h * Math.cos(heading);
                py += h * Math.sin(heading);
                heading += h * x[i] / 2;
                double fx = px + wheelbase * Math.cos(heading);
                double fy = py + wheelbase * Math.sin(heading);
                for (int c = 0; c < 5; c++) {
                    double cx = 4.5 * c;
                    nearest[c] = Math.min(nearest[c], Math.min(Math.hypot(px - cx, py), Math.hypot(fx - cx, fy)));
                    if (before < cx && px >= cx && Math.signum(py) != (c % 2 == 0 ? -1 : 1)) {
                        wrong[c] = true;
                        missing += Math.abs(py) + clearance;
                    }
                }
            }
        }
        for (int c = 0; c < 5; c++) {
            if (!wrong[c]) {
                missing += Math.max(0, clearance - nearest[c]);
            }
        }
        missing += Math.abs(px - 23) + Math.abs(py) + Math.abs(heading);
        return peak + PENALTY * missing / 10;
    }
}
