package wrenlane.rideline.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wrenlane.rideline.LinePoint;

class UTurnLineTest {
    /** A millimetre: above the stated integration error, below any tape, in metres. */
    private static final double MILLIMETRE = 0.001;

    private static final double INSTANT = Double.POSITIVE_INFINITY;

    @ParameterizedTest
    @CsvFileSource(resources = "u-turn-widths.csv", numLinesToSkip = 1)
    void meetsTheReferences(
            double p, double rearRadius, double rate, double tyre, double width, double tolerance, String source) {
        UTurnLine line = new UTurnLine(p, 1 / rearRadius, rate);
        assertThat(line.reach().acrossMetres() + tyre).as(source).isCloseTo(width, within(tolerance));
    }

    @Test
    void anInstantTurnIsHalfACircleAboutOneCentre() {
        UTurnLine line = new UTurnLine(1.4, 0.5, INSTANT);
        for (LinePoint p : line.points()) {
            assertThat(Math.hypot(p.rear().x(), p.rear().y() - 2)).isCloseTo(2, within(MILLIMETRE));
            assertThat(Math.hypot(p.front().x(), p.front().y() - 2)).isCloseTo(Math.hypot(2, 1.4), within(MILLIMETRE));
        }
        assertThat(line.reach().deepMetres()).isCloseTo(Math.hypot(2, 1.4), within(MILLIMETRE));
    }

    @ParameterizedTest
    @CsvSource({"0.5, Infinity", "0.5, 0.3", "0.5, 0.15", "0.9, 0.15", "0.3, 0.05"})
    void leavesParallelToTheWayItCameIn(double curvature, double rate) {
        List<LinePoint> points = new UTurnLine(1.4, curvature, rate).points();
        assertThat(points.get(0).headingRadians()).isZero();
        assertThat(points.get(points.size() - 1).headingRadians()).isCloseTo(Math.PI, within(1e-9));
    }

    /** Heading differenced along the path gives back the curvature, and that never changes faster than σ. */
    @ParameterizedTest
    @CsvSource({"0.5, 0.3", "0.5, 0.15", "0.9, 0.15"})
    void keepsItsOwnRules(double curvature, double rate) {
        List<LinePoint> points = new UTurnLine(1.4, curvature, rate).points();
        for (int i = 1; i < points.size(); i++) {
            LinePoint a = points.get(i - 1);
            LinePoint b = points.get(i);
            double ds = b.distanceMetres() - a.distanceMetres();
            assertThat(Math.abs(b.curvature() - a.curvature()) / ds).isLessThanOrEqualTo(rate * (1 + 1e-9));
            assertThat((b.headingRadians() - a.headingRadians()) / ds)
                    .isCloseTo((a.curvature() + b.curvature()) / 2, within(rate * ds));
            assertThat(b.curvature()).isLessThanOrEqualTo(curvature * (1 + 1e-12));
            assertThat(a.rear().distanceTo(b.rear())).isCloseTo(ds, within(1e-4));
        }
    }

    @Test
    void saysThePeakItReachesWhereTheRampsMeetBelow() {
        UTurnLine slow = new UTurnLine(1.4, 2, 0.1);
        assertThat(slow.reachedCurvature()).isCloseTo(Math.sqrt(Math.PI * 0.1), within(1e-12));
        assertThat(slow.lengthMetres()).isCloseTo(2 * Math.sqrt(Math.PI / 0.1), within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -0.5, Double.NaN, 100})
    void refusesAnImpossibleCurvature(double curvature) {
        assertThatIllegalArgumentException().isThrownBy(() -> new UTurnLine(1.4, curvature, 1));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -0.5, Double.NaN})
    void refusesACurvatureThatCannotChange(double rate) {
        assertThatIllegalArgumentException().isThrownBy(() -> new UTurnLine(1.4, 0.5, rate));
    }
}
