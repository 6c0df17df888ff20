package wrenlane.setup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wrenlane.Draws;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.course.CourseSettings;
import wrenlane.course.NestedCourse;
import wrenlane.course.kind.CourseKinds;
import wrenlane.course.plan.MarkerCount;
import wrenlane.machine.Side;
import wrenlane.units.LengthSystem;

class SetupSheetTest {
    /** By Pythagoras, from the entry corner to the far corner of each width and back across. */
    @Test
    void everySettingHasItsOwnDiagonals() {
        SetupSheet sheet =
                SetupSheet.of(NestedCourse.of(box(7.2, 7.5, Side.LEFT), List.of(8.0, 6.0)), LengthSystem.METRIC);
        assertThat(sheet.checks().stream().map(c -> c.from() + c.to() + " " + Math.round(100 * c.metres())))
                .containsExactly("ACa 1097", "BDa 1097", "ACb 960", "BDb 960");
        assertThat(sheet.steps()).extracting(s -> s.cone().label()).contains("Da", "Db");
        assertThat(sheet.slack()).isPresent();
    }

    private static Course box(double width, double depth, Side turn) {
        CourseKind kind = CourseKinds.uTurnBox();
        Course course = new Course(kind, CourseSettings.standard(kind), turn);
        return course.with(kind.ladder(), width).with(kind.dimensions().get(1), depth);
    }

    /** Every kind: each mark found again from the datum and the printed figures. */
    @ParameterizedTest
    @MethodSource("wrenlane.course.kind.CourseKinds#all")
    void everyMarkOfEveryKindIsFoundFromThePrintedFigures(CourseKind kind) {
        for (Side side : Side.values()) {
            Course course = new Course(kind, CourseSettings.standard(kind), side);
            SetupSheet sheet = SetupSheet.of(course, LengthSystem.METRIC);
            for (SetupStep step : sheet.steps()) {
                assertThat(step.alongMetres()).isNotNegative();
                assertThat(step.acrossMetres()).isNotNegative();
                assertThat(sheet.baseline().datum().x() + step.alongMetres())
                        .isCloseTo(step.cone().mark().x(), within(HALF_A_STEP));
                assertThat(sheet.baseline().datum().y() + side.sign() * step.acrossMetres())
                        .isCloseTo(step.cone().mark().y(), within(HALF_A_STEP));
            }
            assertThat(sheet.checks())
                    .isNotEmpty()
                    .allSatisfy(c -> assertThat(c.metres()).isPositive());
        }
    }

    /** Half of the 1 cm the figures are rounded to, and the rounding of sums, in metres. */
    private static final double HALF_A_STEP = 0.005 + 1e-9;

    /** Each mark found again from the printed figures, walked along the entry line and then square to it. */
    @Test
    void everyMarkIsFoundFromThePrintedFigures() {
        Draws.each(300, draws -> {
            double width = draws.between(3, 20);
            double depth = draws.between(3, 30);
            Side turn = draws.oneOf(Side.class);
            LengthSystem system = draws.oneOf(LengthSystem.class);
            SetupSheet sheet = SetupSheet.of(box(width, depth, turn), system);
            double across = turn.sign();
            for (SetupStep step : sheet.steps()) {
                assertThat(step.alongMetres()).isNotNegative();
                assertThat(step.acrossMetres()).isNotNegative();
                assertThat(step.cone().mark().x()).isCloseTo(step.alongMetres(), within(sheet.stepMetres() / 2 + 1e-9));
                assertThat(step.cone().mark().y())
                        .isCloseTo(across * step.acrossMetres(), within(sheet.stepMetres() / 2 + 1e-9));
            }
        });
    }

    @Test
    void countsConesBySort() {
        SetupSheet sheet = SetupSheet.of(box(7.2, 7.5, Side.LEFT), LengthSystem.METRIC);
        assertThat(sheet.markers().stream().map(MarkerCount::text)).containsExactly("2 tall cones", "8 flat markers");
        assertThat(sheet.steps()).hasSize(10);
        assertThat(sheet.checks())
                .containsExactly(
                        new SetupSheet.CheckMeasurement("A", "C", 10.4),
                        new SetupSheet.CheckMeasurement("B", "D", 10.4));
        assertThat(sheet.slack()).isPresent();
    }

    /** A skewed box built corner by corner, its diagonals measured, the skew found again. */
    @Test
    void findsTheSkewOfABoxFromItsDiagonals() {
        Draws.each(300, draws -> {
            double width = draws.between(3, 20);
            double depth = draws.between(3, 30);
            double skew = draws.between(-0.3, 0.3);
            double ux = width * Math.sin(skew);
            double uy = width * Math.cos(skew);
            double first = Math.hypot(depth + ux, uy);
            double second = Math.hypot(ux - depth, uy);
            SquareCheck check = SquareCheck.fromDiagonals(depth, width, first, second);
            assertThat(check.skewRadians()).isCloseTo(skew, within(1e-9));
            assertThat(check.shiftMetres()).isCloseTo(depth * Math.sin(skew), within(1e-9));
            assertThat(SquareCheck.check(depth, width, first, second)).isEmpty();
        });
    }

    @Test
    void pointsOutDiagonalsOfABoxOfAnotherSize() {
        assertThat(SquareCheck.check(4, 3, 5.1, 4.9)).isEmpty();
        assertThat(SquareCheck.check(4, 3, 5.2, 5.2))
                .hasValueSatisfying(f -> assertThat(f.message().toString()).contains("5.00 m", "5.20 m"));
        assertThat(SquareCheck.check(4, 3, Double.NaN, 5)).isPresent();
    }

    @Test
    void aSquareBoxHasNoSkew() {
        assertThat(SquareCheck.fromDiagonals(4, 3, 5, 5).skewRadians()).isZero();
    }

    /** 3-4-5 by hand: (5.05² − 4.95²)/(4·4·3) = 1/48. */
    @Test
    void saysWhatAnErrorOfADiagonalMeans() {
        SquareCheck check = SquareCheck.fromDiagonalError(4, 3, 0.05);
        assertThat(check.skewRadians()).isCloseTo(Math.asin(1.0 / 48), within(1e-12));
        assertThat(check.shiftMetres()).isCloseTo(4.0 / 48, within(1e-12));
    }

    @Test
    void refusesDiagonalsNoSuchBoxHas() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> SquareCheck.fromDiagonals(4, 3, 20, 1))
                .withMessageContaining("tape them again");
        assertThatIllegalArgumentException().isThrownBy(() -> SquareCheck.fromDiagonals(4, 3, Double.NaN, 1));
    }
}
