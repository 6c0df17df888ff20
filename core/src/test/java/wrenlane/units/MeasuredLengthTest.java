package wrenlane.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatIllegalStateException;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MeasuredLengthTest {
    @ParameterizedTest
    @ValueSource(doubles = {0, -0.01, 1000.01, Double.NaN, Double.POSITIVE_INFINITY})
    void refusesALengthOutsideItsRange(double metres) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new MeasuredLength(metres, 0, LengthMethod.TAPE))
                .withMessageContaining("metres is " + metres);
    }

    @ParameterizedTest
    @ValueSource(doubles = {-0.01, Double.NaN, 1001})
    void refusesAnUncertaintyOutsideItsRange(double uncertainty) {
        assertThatIllegalArgumentException().isThrownBy(() -> new MeasuredLength(1, uncertainty, LengthMethod.TAPE));
    }

    @Test
    void acceptsTheLimits() {
        assertThat(new MeasuredLength(1000, 0, LengthMethod.TAPE).metres()).isEqualTo(1000);
        assertThat(MeasuredLength.taped(1e-6).metres()).isEqualTo(1e-6);
    }

    /** Two and a half bays of 2.6 m, known to 2 %; three of the same are 7.8 m, known as well. */
    @Test
    void whatWasCountedCanBeCountedAnew() {
        MeasuredLength bays = new MeasuredLength(6.5, 0.13, LengthMethod.BAYS, 2.5);
        MeasuredLength three = bays.counting(3);
        assertThat(three.metres()).isCloseTo(7.8, within(1e-12));
        assertThat(three.relativeUncertainty()).isCloseTo(0.02, within(1e-12));
        assertThat(three.bayMetres().orElseThrow()).isCloseTo(2.6, within(1e-12));
    }

    @Test
    void whatWasNotCountedHasNoBays() {
        MeasuredLength taped = MeasuredLength.taped(6.5);
        assertThat(taped.bayMetres()).isEmpty();
        assertThat(new MeasuredLength(6.5, 0.4, LengthMethod.PACES, 8).bayMetres())
                .isEmpty();
        assertThatIllegalStateException().isThrownBy(() -> taped.counting(2));
    }

    @ParameterizedTest
    @ValueSource(doubles = {-1, Double.NaN, Double.POSITIVE_INFINITY})
    void refusesACountThatIsNone(double counted) {
        assertThatIllegalArgumentException().isThrownBy(() -> new MeasuredLength(6.5, 0.1, LengthMethod.BAYS, counted));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -1, 501, Double.NaN})
    void refusesACalibrationByAnImpossibleCount(double count) {
        assertThatIllegalArgumentException().isThrownBy(() -> new Calibration(count, MeasuredLength.taped(5)));
    }
}
