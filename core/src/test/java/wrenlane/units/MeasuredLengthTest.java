package wrenlane.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

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

    @ParameterizedTest
    @ValueSource(doubles = {0, -1, 501, Double.NaN})
    void refusesACalibrationByAnImpossibleCount(double count) {
        assertThatIllegalArgumentException().isThrownBy(() -> new Calibration(count, MeasuredLength.taped(5)));
    }
}
