package wrenlane.setup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.course.kind.CourseKinds;
import wrenlane.plane.Point;
import wrenlane.setup.TwoTapes.Crossing;
import wrenlane.units.LengthSystem;

class TwoTapesTest {
    private static final double HALF_A_STEP = 0.005 + 1e-9;

    /** A place from two distances by Newton's method on both circles, from a start on the right side of the marks. */
    private static Point trilaterated(Point first, Point second, double r1, double r2, Point start) {
        double x = start.x();
        double y = start.y();
        for (int round = 0; round < 50; round++) {
            double f = Math.hypot(x - first.x(), y - first.y()) - r1;
            double g = Math.hypot(x - second.x(), y - second.y()) - r2;
            double fx = (x - first.x()) / (f + r1);
            double fy = (y - first.y()) / (f + r1);
            double gx = (x - second.x()) / (g + r2);
            double gy = (y - second.y()) / (g + r2);
            double det = fx * gy - fy * gx;
            x -= (f * gy - g * fy) / det;
            y -= (g * fx - f * gx) / det;
        }
        return new Point(x, y);
    }

    /** Every kind: each cone found again from the printed distances by another method. */
    @ParameterizedTest
    @MethodSource("wrenlane.course.kind.CourseKinds#all")
    void everyConeIsFoundFromThePrintedDistances(CourseKind kind) {
        SetupSheet sheet = SetupSheet.of(Course.standard(kind), LengthSystem.METRIC);
        TwoTapes tapes = TwoTapes.of(sheet);
        assertThat(tapes.steps()).hasSameSizeAs(sheet.steps());
        double worst = 0;
        for (int i = 0; i < tapes.steps().size(); i++) {
            Crossing step = tapes.steps().get(i);
            Point place = sheet.steps().get(i).place();
            assertThat(step.firstMetres()).isCloseTo(place.distanceTo(tapes.first()), within(HALF_A_STEP));
            assertThat(step.secondMetres()).isCloseTo(place.distanceTo(tapes.second()), within(HALF_A_STEP));
            Point found = trilaterated(tapes.first(), tapes.second(), step.firstMetres(), step.secondMetres(), place);
            worst = Math.max(worst, found.distanceTo(place));
        }
        assertThat(tapes.roundingMetres()).isCloseTo(worst, within(1e-6)).isLessThan(0.05);
    }

    /** All cones on one side of the marks, so that two tapes never cross at the wrong place. */
    @ParameterizedTest
    @MethodSource("wrenlane.course.kind.CourseKinds#all")
    void theMarksLieBesideEveryCone(CourseKind kind) {
        SetupSheet sheet = SetupSheet.of(Course.standard(kind), LengthSystem.METRIC);
        TwoTapes tapes = TwoTapes.of(sheet);
        Point a = tapes.first();
        Point b = tapes.second();
        assertThat(sheet.steps().stream()
                        .map(s -> Math.signum((b.x() - a.x()) * (s.place().y() - a.y())
                                - (b.y() - a.y()) * (s.place().x() - a.x())))
                        .distinct())
                .hasSize(1);
    }

    /** On the U-turn box no tapes cross flat; the error is the tapes' own over the sine of their crossing. */
    @Test
    void crossesSteeplyOnABox() {
        TwoTapes tapes = TwoTapes.of(SetupSheet.of(Course.standard(CourseKinds.uTurnBox()), LengthSystem.METRIC));
        assertThat(tapes.steps()).noneMatch(Crossing::flat).allSatisfy(s -> {
            double first = 0.01 + 0.001 * s.firstMetres();
            double second = 0.01 + 0.001 * s.secondMetres();
            assertThat(s.errorMetres())
                    .isCloseTo(
                            Math.sqrt(first * first + second * second) / Math.sin(s.crossingRadians()), within(1e-12));
        });
    }

    @Test
    void saysWhereTapesCrossFlat() {
        assertThat(new Crossing("1", 3, 4, Math.toRadians(24), 0.1).flat()).isTrue();
        assertThat(new Crossing("1", 3, 4, Math.toRadians(26), 0.1).flat()).isFalse();
    }
}
