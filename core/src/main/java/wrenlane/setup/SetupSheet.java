package wrenlane.setup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import wrenlane.course.Course;
import wrenlane.course.NestedCourse;
import wrenlane.course.plan.Cone;
import wrenlane.course.plan.CoursePlan;
import wrenlane.course.plan.MarkerCount;
import wrenlane.plane.Point;
import wrenlane.units.LengthParser;
import wrenlane.units.LengthSystem;
import wrenlane.verdict.RidingMark;

/**
 * Where each cone of a course goes, by tape along a baseline and square to it.
 *
 * @param steps in the order they are walked
 * @param stepMetres what the figures are rounded to
 * @param baseline what the tape is laid along
 * @param checks distances between cones to tape afterwards
 * @param markers how many of each
 * @param slack of a four-cornered course: skew left where one diagonal is out by {@link #DIAGONAL_SLACK_METRES}
 * @param roundingMetres how far the worst cone is off for the rounding alone
 */
public record SetupSheet(
        List<SetupStep> steps,
        double stepMetres,
        Baseline baseline,
        List<CheckMeasurement> checks,
        List<MarkerCount> markers,
        Optional<SquareCheck> slack,
        double roundingMetres) {
    /** Error of a diagonal that still passes, in metres; chosen by us: what two people with a tape manage. */
    public static final double DIAGONAL_SLACK_METRES = 0.05;

    /** Where the tape starts, in the sheet's own figures. */
    public static final Point DATUM = new Point(0, 0);

    /** A distance between the marks of two cones, in metres, rounded to the sheet's step. */
    public record CheckMeasurement(String from, String to, double metres) {}

    public SetupSheet {
        steps = List.copyOf(steps);
        checks = List.copyOf(checks);
        markers = List.copyOf(markers);
    }

    /** What figures are rounded to in a system, in metres: 1 cm or half an inch. */
    public static double handyStep(LengthSystem system) {
        return system == LengthSystem.METRIC ? 0.01 : LengthParser.METRES_PER_INCH / 2;
    }

    /** The sheet of a course from its own corner, rounded to a handy step. */
    public static SetupSheet of(Course course, LengthSystem system) {
        return of(NestedCourse.of(course), system);
    }

    /** The same at all settings it stands at. */
    public static SetupSheet of(NestedCourse course, LengthSystem system) {
        return of(course, Baseline.ownCorner(course), handyStep(system));
    }

    /** The sheet of a course from a baseline, rounded to a step in metres. */
    public static SetupSheet of(Course course, Baseline baseline, double step) {
        return of(NestedCourse.of(course), baseline, step);
    }

    /** The sheet of a course at all settings it stands at, from a baseline, rounded to a step in metres. */
    public static SetupSheet of(NestedCourse course, Baseline baseline, double step) {
        CoursePlan plan = course.plan();
        List<Cone> cones = plan.cones();
        List<Corners> corners = course.courses().stream()
                .flatMap(c -> Corners.of(c.plan().cones()).stream())
                .map(c -> c.as(cones))
                .toList();
        List<SetupStep> steps =
                cones.stream().map(cone -> step(cone, baseline, step)).toList();
        return new SetupSheet(
                steps,
                step,
                baseline,
                checks(cones, corners, step),
                markers(plan),
                corners.stream()
                        .findFirst()
                        .map(c ->
                                SquareCheck.fromDiagonalError(c.depthMetres(), c.widthMetres(), DIAGONAL_SLACK_METRES)),
                steps.stream()
                        .mapToDouble(s ->
                                baseline.place(s.place()).distanceTo(s.cone().mark()))
                        .max()
                        .orElse(0));
    }

    /** Marks to ride by, as they are taped from this sheet's baseline. */
    public List<ChalkedMark> chalked(List<RidingMark> marks) {
        return marks.stream().map(m -> ChalkedMark.of(m, baseline, stepMetres)).toList();
    }

    /** A sheet without cones, from the same baseline: the yard before and after. */
    SetupSheet cleared() {
        return new SetupSheet(List.of(), stepMetres, baseline, List.of(), List.of(), Optional.empty(), 0);
    }

    /** An order of the steps with little walking, from the datum with all cones in hand. */
    public WalkingOrder walk() {
        return WalkingOrder.from(DATUM, steps.stream().map(SetupStep::place).toList());
    }

    /** How many markers a plan takes. */
    public static List<MarkerCount> markers(CoursePlan plan) {
        return MarkerCount.of(plan.cones().stream().map(Cone::marker).toList());
    }

    /** Both diagonals of every setting that has four corners; else the longest distances there are. */
    private static List<CheckMeasurement> checks(List<Cone> cones, List<Corners> corners, double step) {
        if (!corners.isEmpty()) {
            return corners.stream()
                    .flatMap(c -> Stream.of(measured(c.a(), c.c(), step), measured(c.b(), c.d(), step)))
                    .toList();
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

    private static SetupStep step(Cone cone, Baseline baseline, double step) {
        Point figures = baseline.figures(cone.mark());
        return SetupStep.taped(cone, rounded(figures.x(), step), rounded(figures.y(), step));
    }

    /** Rounded to a step; never minus nothing. */
    static double rounded(double metres, double step) {
        return Math.round(metres / step) * step + 0.0;
    }
}
