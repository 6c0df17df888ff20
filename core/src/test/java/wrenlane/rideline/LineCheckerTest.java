package wrenlane.rideline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import wrenlane.course.plan.Barrier;
import wrenlane.course.plan.Pace;
import wrenlane.course.plan.Route;
import wrenlane.course.plan.RouteEnd;
import wrenlane.machine.Side;
import wrenlane.plane.Point;
import wrenlane.riding.Footprint;
import wrenlane.riding.TurnLimits;

/** For each rule, a line that breaks that rule alone is refused, and by that rule's figure. */
class LineCheckerTest {
    private static final double SPACING = 0.3;
    private static final double LENGTH = 12;
    private static final int NODES = 41;

    /** Curvature built up to the left, over to the right, and out again: a step aside of about 6 cm. */
    private static final double PEAK = 0.06;

    private static final Footprint FOOTPRINT = new Footprint(1.4, 0.1, 0.8);
    private static final TurnLimits LIMITS = new TurnLimits(0.5, 0.5, 0.3, 3);

    /** A cone 1.5 m to the left, passed on the left, and a line 1 m to the right. */
    private static final Barrier CONE = cone(1.5, Barrier.Part.BODY, Side.LEFT);

    private static final Barrier LINE = line(-1, Barrier.Part.WHEELS);

    private static Barrier cone(double left, Barrier.Part part, Side side) {
        return new Barrier.ConeBarrier(
                "cone", part, new Point(6, left), 0.14, 0.45, Optional.of(side), 0, LENGTH, false);
    }

    private static Barrier line(double left, Barrier.Part part) {
        return new Barrier.LineBarrier(
                "line", part, new Point(-1, left), new Point(15, left), Side.LEFT, 0, LENGTH, false);
    }

    /** Where the way begins or ends: 20 cm to either side, a little askew, bars straight. */
    private static RouteEnd end(double x) {
        return new RouteEnd(new Point(x, 0), 0, 0.2, 0.2, 0.05, false);
    }

    private static LineTask task(List<Barrier> keeps, List<Route.RouteLeg> oneWays, TurnLimits limits) {
        Route route = new Route(
                List.of(new Point(0, 0), new Point(LENGTH, 0)), end(0), end(LENGTH), keeps, oneWays, Pace.ROLLING);
        return new LineTask(route, FOOTPRINT, limits);
    }

    private static final LineTask TASK = task(List.of(CONE, LINE), List.of(), LIMITS);

    private static List<Double> straight() {
        return IntStream.range(0, NODES).mapToObj(i -> 0.0).toList();
    }

    /** The step aside, its bend beginning at a node. */
    private static List<Double> stepAside(int from) {
        double[] bend = {0.5, 1, 0.5, 0, -0.5, -1, -0.5};
        return IntStream.range(0, NODES)
                .mapToObj(i -> i >= from && i < from + bend.length ? PEAK * bend[i - from] : 0.0)
                .toList();
    }

    private static CheckedLine check(LineTask task, Point start, double heading, List<Double> curvatures) {
        return LineChecker.check(task, start, heading, SPACING, curvatures);
    }

    private static CheckedLine check(LineTask task, List<Double> curvatures) {
        return check(task, new Point(0, 0), 0, curvatures);
    }

    static Stream<Arguments> linesThatBreakOneRule() {
        return Stream.of(
                Arguments.of("tightest turn", check(task(TASK.route().keeps(), List.of(), turn(0.05)), stepAside(10))),
                Arguments.of("quickness", check(task(TASK.route().keeps(), List.of(), rate(0.09)), stepAside(10))),
                Arguments.of(
                        "a wheel touches a cone", check(with(cone(0.15, Barrier.Part.WHEELS, Side.LEFT)), straight())),
                Arguments.of(
                        "the body touches a cone", check(with(cone(0.5, Barrier.Part.BODY, Side.LEFT)), straight())),
                Arguments.of(
                        "a cone on the wrong side", check(with(cone(1.5, Barrier.Part.BODY, Side.RIGHT)), straight())),
                Arguments.of("a wheel over a line", check(with(line(-0.04, Barrier.Part.WHEELS)), straight())),
                Arguments.of("the body over a line", check(with(line(-0.3, Barrier.Part.BODY)), straight())),
                Arguments.of("begins too far aside", check(TASK, new Point(0, 0.21), -0.01, straight())),
                Arguments.of("begins too far on", check(TASK, new Point(0.01, 0), 0, straight())),
                Arguments.of("begins askew", check(TASK, new Point(0, 0), 0.06, straight())),
                Arguments.of("a whole turn too many", turningRoundOnce()),
                Arguments.of("ends short", LineChecker.check(TASK, new Point(0, 0), 0, 0.299, straight())),
                Arguments.of("ends aside", check(TASK, new Point(0, 0.19), 0.003, straight())),
                Arguments.of("bars turned at the start", check(TASK, first(0.01))),
                Arguments.of("bars turned at the end", check(TASK, last(0.01))),
                Arguments.of(
                        "bars the wrong way",
                        check(task(TASK.route().keeps(), List.of(oneWay(3, 9)), LIMITS), stepAside(10))));
    }

    /** A circle of the line's own length, where the way begins and ends at one place and does not turn. */
    private static CheckedLine turningRoundOnce() {
        List<Double> round = IntStream.range(0, NODES)
                .mapToObj(i -> i == 0 || i == NODES - 1 ? 0.0 : 2 * Math.PI / (LENGTH - SPACING))
                .toList();
        Point there = LineChecker.check(TASK, new Point(0, 0), 0, SPACING, round)
                .line()
                .points()
                .get(600)
                .rear();
        RouteEnd end = new RouteEnd(there, 0, 1, 1, 0.05, false);
        Route route = new Route(
                List.of(new Point(0, 0), new Point(1, 0)),
                end(0),
                end,
                List.of(line(-50, Barrier.Part.WHEELS)),
                List.of(),
                Pace.ROLLING);
        return check(new LineTask(route, FOOTPRINT, new TurnLimits(1, 1, 9, 3)), round);
    }

    private static Route.RouteLeg oneWay(double from, double to) {
        return new Route.RouteLeg(Side.LEFT, from, to);
    }

    private static TurnLimits turn(double curvature) {
        return new TurnLimits(curvature, 0.5, 0.3, 3);
    }

    private static TurnLimits rate(double rate) {
        return new TurnLimits(0.5, 0.5, rate, 3);
    }

    private static LineTask with(Barrier keep) {
        return task(List.of(keep), List.of(), LIMITS);
    }

    private static List<Double> first(double curvature) {
        return IntStream.range(0, NODES).mapToObj(i -> i == 0 ? curvature : 0.0).toList();
    }

    private static List<Double> last(double curvature) {
        return IntStream.range(0, NODES)
                .mapToObj(i -> i == NODES - 1 ? curvature : 0.0)
                .toList();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("linesThatBreakOneRule")
    void refusesALineThatBreaksOneRule(String rule, CheckedLine line) {
        assertThat(line.holds()).as(rule).isFalse();
        long broken = Stream.of(
                        line.steeringShare() > 1,
                        line.rateUsed() > 1,
                        line.binding().clearanceMetres() < 0,
                        line.endMissMetres() > CheckedLine.END_TOLERANCE_METRES,
                        line.wrongBars() > CheckedLine.BARS_TOLERANCE)
                .filter(b -> b)
                .count();
        assertThat(broken).as("rules broken").isEqualTo(1);
    }

    @Test
    void letsALineThroughThatBreaksNone() {
        assertThat(check(TASK, straight()).holds()).isTrue();
        assertThat(check(TASK, stepAside(10)).holds()).isTrue();
        assertThat(check(task(TASK.route().keeps(), List.of(oneWay(2, 4)), LIMITS), stepAside(10))
                        .holds())
                .isTrue();
        assertThat(check(TASK, new Point(0, 0.19), -0.01, straight()).holds()).isTrue();
    }

    /** A gate at the end leaves the room as it is, but may not be touched. */
    @Test
    void takesNoClearanceFromWhatStandsAtAnEnd() {
        CheckedLine clear = check(task(List.of(LINE, gate(0.6)), List.of(), LIMITS), straight());
        assertThat(clear.binding().keep()).isEqualTo(LINE);
        assertThat(clear.tightestEnd().orElseThrow().clearanceMetres()).isCloseTo(0.6 - 0.14 - 0.05, within(1e-9));
        assertThat(clear.holds()).isTrue();
        CheckedLine touching = check(task(List.of(LINE, gate(0.15)), List.of(), LIMITS), straight());
        assertThat(touching.binding().keep().name()).isEqualTo("gate");
        assertThat(touching.holds()).isFalse();
        assertThat(check(TASK, straight()).tightestEnd()).isEmpty();
    }

    private static Barrier gate(double left) {
        return new Barrier.ConeBarrier(
                "gate", Barrier.Part.WHEELS, new Point(LENGTH, left), 0.14, 0, Optional.empty(), 0, LENGTH, true);
    }

    /** By hand: half of 0.8 m of body and 0.14 m of cone leave 0.96 m of 1.5; half a tyre leaves 0.95 m of 1. */
    @Test
    void measuresTheClearanceToAConeAndALine() {
        CheckedLine line = check(TASK, straight());
        assertThat(line.clearances().get(0).clearanceMetres()).isCloseTo(1.5 - 0.14 - 0.4, within(1e-9));
        assertThat(line.clearances().get(1).clearanceMetres()).isCloseTo(0.95, within(1e-9));
    }
}
