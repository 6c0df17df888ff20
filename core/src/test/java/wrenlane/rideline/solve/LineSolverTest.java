package wrenlane.rideline.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wrenlane.course.plan.Barrier;
import wrenlane.course.plan.Pace;
import wrenlane.course.plan.Route;
import wrenlane.course.plan.RouteEnd;
import wrenlane.machine.Side;
import wrenlane.plane.Point;
import wrenlane.rideline.LineTask;
import wrenlane.rideline.solve.LineSolver.Outcome;
import wrenlane.riding.Footprint;
import wrenlane.riding.TurnLimits;

/** The solver against references worked outside our code. */
class LineSolverTest {
    /** The references are met within 1 %. */
    private static final double REFERENCE_SHARE = 0.01;

    private static Outcome easiest(LineTask task) {
        return new LineSolver(task, LineAim.easiest(0)).solve(LineNodes.along(task.route()));
    }

    private static double peak(LineTask task) {
        Outcome outcome = easiest(task);
        assertThat(outcome.settled()).isTrue();
        assertThat(outcome.clearance()).isCloseTo(0, within(1e-4));
        return outcome.share() * task.limits().left();
    }

    /** Finite weaves, spacing 4.5 m, rear path 0.6 m from each cone: the domain's own figures. */
    @ParameterizedTest
    @CsvSource({"5, Infinity, 0.189", "5, 0.35, 0.192", "9, 0.35, 0.212"})
    void meetsTheFiniteWeaves(int cones, double rate, double peak) {
        assertThat(peak(Tasks.weave(cones, 4.5, rate))).isCloseTo(peak, within(REFERENCE_SHARE * peak));
    }

    /** A finite weave's peak lies below the steady one, R = s²/(8a) + a/2 = 4.52 m, and rises towards it. */
    @Test
    void risesTowardsTheSteadyWeaveWithEveryCone() {
        double before = 0;
        for (int cones : new int[] {3, 5, 7, 9, 13}) {
            double peak = peak(Tasks.weave(cones, 4.5, Double.POSITIVE_INFINITY));
            assertThat(peak).isGreaterThan(before).isLessThan(1 / 4.519 * 1.002);
            before = peak;
        }
        assertThat(before).isGreaterThan(0.95 / 4.519);
    }

    /** The trapezoid wave: with σ = 0.35 the steady peak is 0.227; a long weave comes near it from below. */
    @Test
    void aLongWeaveComesNearTheTrapezoidWave() {
        assertThat(peak(Tasks.weave(15, 4.5, 0.35))).isBetween(0.95 * 0.227, 1.005 * 0.227);
    }

    /** For s = 3.0 m, a = 0.6 m there is no steady line at σ = 0.35, whatever the lock. */
    @Test
    void findsNoLineWhereTheRateForbidsIt() {
        LineTask task = Tasks.weave(9, 3, 0.35);
        LineSearch.FoundLine found = new LineSearch(task).roomiest(null);
        assertThat(found.holds()).isFalse();
        assertThat(found.settled()).isTrue();
        assertThat(found.clearance()).isBetween(-0.1, -0.03);
    }

    @Test
    void raisingTheRateIsNeverWorse() {
        double before = Double.POSITIVE_INFINITY;
        for (double rate : new double[] {0.25, 0.35, 0.5, 1, 3, Double.POSITIVE_INFINITY}) {
            double peak = peak(Tasks.weave(5, 4.5, rate));
            assertThat(peak).isLessThan(before * 1.001);
            before = peak;
        }
    }

    @ParameterizedTest
    @CsvSource({"3, 4, 0.3", "-20, 7, 2.5", "100, -50, -1.2", "0, 0, 3.14159"})
    void doesNotCareWhereTheCourseStands(double dx, double dy, double angle) {
        LineTask here = Tasks.weave(5, 4.5, 0.35);
        LineTask there = new LineTask(Tasks.moved(here.route(), dx, dy, angle), here.footprint(), here.limits());
        assertThat(peak(there)).isCloseTo(peak(here), within(1e-3));
    }

    @Test
    void aMirroredCourseHasTheMirroredLine() {
        LineTask here = Tasks.weave(5, 4.5, 0.35);
        LineTask there = new LineTask(
                here.route().mirrored(), here.footprint(), here.limits().mirrored());
        Outcome a = easiest(here);
        Outcome b = easiest(there);
        assertThat(b.share()).isCloseTo(a.share(), within(1e-4));
        for (int i = 0; i <= a.line().segments; i++) {
            assertThat(b.line().y[i]).isCloseTo(-a.line().y[i], within(0.02));
        }
    }

    /**
     * Between a line 0.6 m to one side and one 1.8 m to the other, the most room is midway: but the way may begin no more than
     * 0.2 m off towards it, and there 0.8 m less half a tyre is left. To either side, at either end.
     */
    @ParameterizedTest
    @CsvSource({"LEFT, true", "LEFT, false", "RIGHT, true", "RIGHT, false"})
    void endsNoFurtherAsideThanItMay(Side free, boolean atTheStart) {
        double y = free.sign();
        RouteEnd bound = new RouteEnd(new Point(atTheStart ? 0 : 12, 0), 0, y > 0 ? 0.2 : 0, y > 0 ? 0 : 0.2, 0, false);
        RouteEnd wide = new RouteEnd(new Point(atTheStart ? 12 : 0, 0), 0, 3, 3, 0, false);
        Route route = new Route(
                List.of(new Point(0, 0), new Point(12, 0)),
                atTheStart ? bound : wide,
                atTheStart ? wide : bound,
                List.of(line("near", -0.6 * y, y), line("far", 1.8 * y, -y)),
                List.of(),
                Pace.ROLLING);
        LineTask task = new LineTask(route, new Footprint(1.4, 0.1, 0.8), new TurnLimits(0.5, 0.5, 0.5, 0));
        LineSearch.FoundLine found = new LineSearch(task).roomiest(null);
        assertThat(found.holds()).isTrue();
        assertThat(found.checked().clearances().get(0).clearanceMetres()).isCloseTo(0.8 - 0.05, within(0.01));
    }

    /** A line along the way at so far to its left, the machine on the side of it that is given: left above zero. */
    private static Barrier line(String name, double left, double side) {
        return new Barrier.LineBarrier(
                name,
                Barrier.Part.WHEELS,
                new Point(-5, left),
                new Point(20, left),
                side > 0 ? Side.LEFT : Side.RIGHT,
                0,
                100,
                false);
    }
}
