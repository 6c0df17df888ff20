package wrenlane.setout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import wrenlane.course.ConeSort;
import wrenlane.course.CourseStart;
import wrenlane.course.UTurnBox;
import wrenlane.machine.Side;
import wrenlane.units.LengthSystem;

class SetOutSheetTest {
    private static UTurnBox box(double width, double depth, Side entry) {
        return new UTurnBox(width, depth, entry, 2.5, CourseStart.ROLLING);
    }

    /** Each mark found again from the printed figures, walked along the entry line and then square to it. */
    @Property(tries = 300)
    void everyMarkIsFoundFromThePrintedFigures(
            @ForAll @DoubleRange(min = 3, max = 20) double width,
            @ForAll @DoubleRange(min = 3, max = 30) double depth,
            @ForAll Side entry,
            @ForAll LengthSystem system) {
        SetOutSheet sheet = SetOutSheet.of(box(width, depth, entry), system);
        double across = entry == Side.RIGHT ? 1 : -1;
        for (SetOutStep step : sheet.steps()) {
            assertThat(step.alongMetres()).isNotNegative();
            assertThat(step.acrossMetres()).isNotNegative();
            assertThat(step.cone().mark().x()).isCloseTo(step.alongMetres(), within(sheet.stepMetres() / 2 + 1e-9));
            assertThat(step.cone().mark().y())
                    .isCloseTo(across * step.acrossMetres(), within(sheet.stepMetres() / 2 + 1e-9));
        }
    }

    @Test
    void countsConesBySort() {
        SetOutSheet sheet = SetOutSheet.of(box(7.2, 7.5, Side.RIGHT), LengthSystem.METRIC);
        assertThat(sheet.conesBySort()).containsEntry(ConeSort.TALL, 2).containsEntry(ConeSort.FLAT, 8);
        assertThat(sheet.steps()).hasSize(10);
        assertThat(sheet.diagonalMetres()).isCloseTo(10.397, within(0.001));
    }

    /** A skewed box built corner by corner, its diagonals measured, the skew found again. */
    @Property(tries = 300)
    void findsTheSkewOfABoxFromItsDiagonals(
            @ForAll @DoubleRange(min = 3, max = 20) double width,
            @ForAll @DoubleRange(min = 3, max = 30) double depth,
            @ForAll @DoubleRange(min = -0.3, max = 0.3) double skew) {
        double ux = width * Math.sin(skew);
        double uy = width * Math.cos(skew);
        double first = Math.hypot(depth + ux, uy);
        double second = Math.hypot(ux - depth, uy);
        SquareCheck check = SquareCheck.fromDiagonals(depth, width, first, second);
        assertThat(check.skewRadians()).isCloseTo(skew, within(1e-9));
        assertThat(check.shiftMetres()).isCloseTo(depth * Math.sin(skew), within(1e-9));
        assertThat(SquareCheck.check(depth, width, first, second)).isEmpty();
    }

    @Test
    void pointsOutDiagonalsOfABoxOfAnotherSize() {
        assertThat(SquareCheck.check(4, 3, 5.1, 4.9)).isEmpty();
        assertThat(SquareCheck.check(4, 3, 5.2, 5.2))
                .hasValueSatisfying(f -> assertThat(f.message()).contains("5.00 m", "5.20 m"));
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
