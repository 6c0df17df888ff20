package wrenlane.setup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.course.NestedCourse;
import wrenlane.course.kind.CourseKinds;
import wrenlane.machine.Side;
import wrenlane.plane.Point;
import wrenlane.units.Calibration;
import wrenlane.units.MeasuredLength;
import wrenlane.yard.CoursePlacement;

/**
 * Every way of setting out, on random yards from random datums: each cone found again from the printed figures, in the
 * yard's axes, by geometry written here.
 */
class SetupMethodsTest {
    /** Fine enough that rounding hides nothing. */
    private static final double FINE_METRES = 1e-5;

    /** A millimetre before rounding: finer than chalk. */
    private static final double MILLIMETRE = 0.001;

    private static final Calibration PACE = new Calibration(20, MeasuredLength.taped(15.6));
    private static final Calibration BAY = new Calibration(4, MeasuredLength.taped(9.84));

    private record Case(Course course, List<Point> outline, int side, boolean fromItsEnd, CoursePlacement stand) {
        SetupSheet sheet(double step) {
            return SetupSheet.of(course, Baseline.alongSide(outline, side, "", fromItsEnd, stand), step);
        }

        /** A place on the yard from figures along a side and square to it, into the yard. */
        Point onYard(double along, double across) {
            Point a = outline.get(side);
            Point b = outline.get((side + 1) % outline.size());
            double length = Math.hypot(b.x() - a.x(), b.y() - a.y());
            double ux = (b.x() - a.x()) / length;
            double uy = (b.y() - a.y()) / length;
            double from = fromItsEnd ? length - along : along;
            return new Point(a.x() + from * ux - across * uy, a.y() + from * uy + across * ux);
        }
    }

    private static List<Case> cases(CourseKind kind) {
        Random random = new Random(kind.id().hashCode());
        List<Case> cases = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            double length = 30 + 30 * random.nextDouble();
            double width = 20 + 20 * random.nextDouble();
            double cut = 8 * random.nextDouble();
            List<Point> outline = List.of(
                    new Point(0, 0),
                    new Point(length, 0),
                    new Point(length, width - cut),
                    new Point(length - cut, width),
                    new Point(-cut, width));
            Course course = Course.standard(kind);
            cases.add(new Case(
                    i % 2 == 0 ? course : course.mirrored(),
                    outline,
                    random.nextInt(outline.size()),
                    random.nextBoolean(),
                    new CoursePlacement(
                            30 * random.nextDouble(), 20 * random.nextDouble(), 6 * random.nextDouble() - 3)));
        }
        return cases;
    }

    private static Map<String, Point> trueMarks(Case c) {
        Map<String, Point> marks = new HashMap<>();
        c.course()
                .plan()
                .cones()
                .forEach(cone -> marks.put(cone.label(), c.stand().toYard(cone.mark())));
        return marks;
    }

    @ParameterizedTest
    @MethodSource("wrenlane.course.kind.CourseKinds#all")
    void alongAndAcross(CourseKind kind) {
        for (Case c : cases(kind)) {
            Map<String, Point> marks = trueMarks(c);
            for (SetupStep s : c.sheet(FINE_METRES).steps()) {
                Point found = c.onYard(s.alongMetres(), s.acrossMetres());
                assertThat(found.distanceTo(mark(marks, s.cone().label()))).isLessThan(MILLIMETRE);
                assertThat(s.errorMetres()).isBetween(0.014, 1.5);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("wrenlane.course.kind.CourseKinds#all")
    void twoTapes(CourseKind kind) {
        for (Case c : cases(kind)) {
            Map<String, Point> marks = trueMarks(c);
            TwoTapes tapes = TwoTapes.of(c.sheet(FINE_METRES));
            Point p = c.onYard(tapes.first().x(), tapes.first().y());
            Point q = c.onYard(tapes.second().x(), tapes.second().y());
            assertThat(p.distanceTo(q)).isCloseTo(tapes.apartMetres(), within(MILLIMETRE));
            for (TwoTapes.Crossing s : tapes.steps()) {
                Point mark = mark(marks, s.label());
                Point found = meeting(p, s.firstMetres(), q, s.secondMetres(), mark);
                assertThat(found.distanceTo(mark)).isLessThan(MILLIMETRE);
            }
        }
    }

    /** Each cone from the centre and from the cone found before, errors and all; it is on the hand that is said. */
    @ParameterizedTest
    @MethodSource("wrenlane.course.kind.CourseKinds#all")
    void centreAndRadius(CourseKind kind) {
        for (Case c : cases(kind)) {
            Map<String, Point> marks = trueMarks(c);
            SetupSheet sheet = c.sheet(FINE_METRES);
            RingSheet rings = RingSheet.of(sheet);
            int cones = rings.others().size();
            for (RingSheet.Ring ring : rings.rings()) {
                Point centre = c.onYard(ring.centre().x(), ring.centre().y());
                Point first = c.onYard(ring.first().alongMetres(), ring.first().acrossMetres());
                Point before = first;
                for (RingSheet.RingStep s : ring.steps()) {
                    Point mark = mark(marks, s.label());
                    Point here = meeting(centre, s.radiusMetres(), before, s.chordMetres(), mark);
                    assertThat(here.distanceTo(mark)).isLessThan(MILLIMETRE);
                    before = here;
                }
                assertThat(before.distanceTo(first)).isCloseTo(ring.closingChordMetres(), within(MILLIMETRE));
                cones += 1 + ring.steps().size();
            }
            assertThat(cones).isEqualTo(sheet.steps().size());
            assertThat(rings.roundingMetres()).isLessThan(MILLIMETRE);
        }
    }

    @Test
    void ringsAreFoundWhereThereAreRings() {
        Map<String, Integer> found = new HashMap<>();
        for (CourseKind kind : CourseKinds.all()) {
            SetupSheet sheet = SetupSheet.of(Course.standard(kind), wrenlane.units.LengthSystem.METRIC);
            found.put(kind.id(), RingSheet.of(sheet).rings().size());
        }
        assertThat(found)
                .containsEntry("circle", 1)
                .containsEntry("circle-weave", 1)
                .containsEntry("figure-eight", 2)
                .containsEntry("straight-weave", 0);
        assertThat(found.get("u-turn-box")).isZero();
    }

    @ParameterizedTest
    @MethodSource("wrenlane.course.kind.CourseKinds#all")
    void countedInBaysAndPaces(CourseKind kind) {
        for (Case c : cases(kind)) {
            Map<String, Point> marks = trueMarks(c);
            SetupSheet sheet = c.sheet(FINE_METRES);
            for (CountedSheet.CountedStep s : CountedSheet.inBays(sheet, BAY).steps()) {
                double along = s.alongUnits() * 2.46 + s.alongRestMetres();
                Point found = c.onYard(along, s.acrossRestMetres());
                assertThat(found.distanceTo(mark(marks, s.label()))).isLessThan(MILLIMETRE);
                assertThat(s.alongUnits()).isEqualTo(Math.rint(s.alongUnits()));
                assertThat(s.alongRestMetres()).isBetween(0.0, 2.46);
            }
            // To a quarter of a pace: an eighth of 0.78 m each way at the most.
            double eighth = 0.78 / 8;
            CountedSheet paces = CountedSheet.inPaces(sheet, PACE);
            for (CountedSheet.CountedStep s : paces.steps()) {
                Point found = c.onYard(s.alongUnits() * 0.78, s.acrossUnits() * 0.78);
                assertThat(found.distanceTo(mark(marks, s.label()))).isLessThan(eighth * Math.sqrt(2) + MILLIMETRE);
            }
            assertThat(paces.roundingMetres()).isLessThan(eighth * Math.sqrt(2) + MILLIMETRE);
        }
    }

    @Test
    void roundingIsToldAsItIs() {
        for (Case c : cases(CourseKinds.uTurnBox())) {
            SetupSheet sheet = c.sheet(0.01);
            double worst = 0;
            for (SetupStep s : sheet.steps()) {
                Point found = c.onYard(s.alongMetres(), s.acrossMetres());
                worst = Math.max(
                        worst, found.distanceTo(c.stand().toYard(s.cone().mark())));
            }
            assertThat(sheet.roundingMetres()).isCloseTo(worst, within(1e-9)).isLessThan(0.00708);
        }
    }

    @Test
    void theBoxFromItsOwnCornerHasNoFigureBelowZeroToEitherSide() {
        for (Side side : Side.values()) {
            Course course = new Course(
                    CourseKinds.uTurnBox(),
                    Course.standard(CourseKinds.uTurnBox()).settings(),
                    side);
            assertThat(SetupSheet.of(course, Baseline.ownCorner(NestedCourse.of(course)), 0.01)
                            .steps())
                    .allSatisfy(s -> assertThat(Math.min(s.alongMetres(), s.acrossMetres()))
                            .isNotNegative());
        }
    }

    private static Point mark(Map<String, Point> marks, String label) {
        return Optional.ofNullable(marks.get(label)).orElseThrow();
    }

    /** Where two tapes meet, by Newton's method from near the mark. */
    private static Point meeting(Point p, double fromP, Point q, double fromQ, Point near) {
        double x = near.x() + 0.01;
        double y = near.y() - 0.01;
        for (int i = 0; i < 50; i++) {
            double f = Math.hypot(x - p.x(), y - p.y()) - fromP;
            double g = Math.hypot(x - q.x(), y - q.y()) - fromQ;
            double fx = (x - p.x()) / (f + fromP);
            double fy = (y - p.y()) / (f + fromP);
            double gx = (x - q.x()) / (g + fromQ);
            double gy = (y - q.y()) / (g + fromQ);
            double det = fx * gy - fy * gx;
            x -= (f * gy - g * fy) / det;
            y -= (g * fx - f * gx) / det;
        }
        return new Point(x, y);
    }
}
