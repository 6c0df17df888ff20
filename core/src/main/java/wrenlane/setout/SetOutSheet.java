package wrenlane.setout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import wrenlane.course.Cone;
import wrenlane.course.ConeSort;
import wrenlane.course.Course;
import wrenlane.course.CoursePlan;
import wrenlane.course.Point;
import wrenlane.machine.Side;
import wrenlane.units.LengthParser;
import wrenlane.units.LengthSystem;

/**
 * Where each cone of a course goes, by tape along a baseline and square to it.
 *
 * @param steps in the order they are walked
 * @param stepMetres what the figures are rounded to
 * @param datum where the tape starts, in the course's axes: the corner from which no figure is negative
 * @param checks distances between cones to tape afterwards
 * @param conesBySort how many of each sort
 * @param slack of a four-cornered course: skew left where one diagonal is out by {@link #DIAGONAL_SLACK_METRES}
 */
public record SetOutSheet(
        List<SetOutStep> steps,
        double stepMetres,
        Point datum,
        List<CheckMeasurement> checks,
        Map<ConeSort, Integer> conesBySort,
        Optional<SquareCheck> slack) {
    /** Error of a diagonal that still passes, in metres; chosen by us: what two people with a tape manage. */
    public static final double DIAGONAL_SLACK_METRES = 0.05;

    /** Where the tape starts, in the sheet's own figures. */
    public static final Point DATUM = new Point(0, 0);

    /** A distance between the marks of two cones, in metres, rounded to the sheet's step. */
    public record CheckMeasurement(String from, String to, double metres) {}

    public SetOutSheet {
        steps = List.copyOf(steps);
        checks = List.copyOf(checks);
        conesBySort = Map.copyOf(conesBySort);
    }

    /** The sheet of a course, rounded to 1 cm or to half an inch. */
    public static SetOutSheet of(Course course, LengthSystem system) {
        double step = system == LengthSystem.METRIC ? 0.01 : LengthParser.METRES_PER_INCH / 2;
        CoursePlan plan = course.plan();
        List<Cone> cones = plan.cones();
        int across = course.firstTurn() == Side.LEFT ? 1 : -1;
        Point datum = new Point(
                cones.stream().mapToDouble(c -> c.mark().x()).min().orElse(0),
                across
                        * cones.stream()
                                .mapToDouble(c -> across * c.mark().y())
                                .min()
                                .orElse(0));
        Optional<Corners> corners = Corners.of(cones);
        return new SetOutSheet(
                cones.stream().map(cone -> step(cone, datum, step)).toList(),
                step,
                datum,
                checks(cones, corners, step),
                conesBySort(plan),
                corners.map(
                        c -> SquareCheck.fromDiagonalError(c.depthMetres(), c.widthMetres(), DIAGONAL_SLACK_METRES)));
    }

    /** An order of the steps with little walking, from the datum with all cones in hand. */
    public WalkingOrder walk() {
        return WalkingOrder.from(
                DATUM,
                steps.stream().map(s -> WalkingOrder.Errand.at(s.place())).toList());
    }

    /** How many cones of each sort a plan takes. */
    public static Map<ConeSort, Integer> conesBySort(CoursePlan plan) {
        return plan.cones().stream().collect(Collectors.toMap(Cone::sort, c -> 1, Integer::sum, TreeMap::new));
    }

    private static List<CheckMeasurement> checks(List<Cone> cones, Optional<Corners> corners, double step) {
        if (corners.isPresent()) {
            Corners c = corners.get();
            return List.of(measured(c.a(), c.c(), step), measured(c.b(), c.d(), step));
        }
        List<CheckMeasurement> checks = new ArrayList<>();
        Cone first = cones.get(0);
        farthest(cones, first).ifPresent(far -> {
            checks.add(measured(first, far, step));
            farthest(cones, far).filter(c -> c != first).ifPresent(c -> checks.add(measured(far, c, step)));
        });
        return checks;
    }

    private static Optional<Cone> farthest(List<Cone> cones, Cone from) {
        return cones.stream()
                .filter(c -> c != from)
                .max(Comparator.comparingDouble(c -> c.mark().distanceTo(from.mark())));
    }

    private static CheckMeasurement measured(Cone from, Cone to, double step) {
        return new CheckMeasurement(
                from.label(), to.label(), rounded(from.mark().distanceTo(to.mark()), step));
    }

    private static SetOutStep step(Cone cone, Point datum, double step) {
        return new SetOutStep(
                cone,
                rounded(cone.mark().x() - datum.x(), step),
                rounded(Math.abs(cone.mark().y() - datum.y()), step));
    }

    static double rounded(double metres, double step) {
        return Math.round(metres / step) * step;
    }
}
