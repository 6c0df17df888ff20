package wrenlane.course;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SizesTest {
    /** Two sizes on either side of a bucket's edge are the same size; so are a length in feet and its centimetres. */
    @ParameterizedTest
    @CsvSource({
        "7.2, 7.2, true",
        "7.2049, 7.2051, true",
        "7.2, 7.2049, true",
        "7.2, 7.205, false",
        "7.2, 7.1951, true",
        "7.2, 7.195, false",
        "7.3152, 7.32, true",
        "0, 0.0049, true"
    })
    void sizesWithinHalfACentimetreAreTheSame(double one, double other, boolean same) {
        // A tenth of a micrometre keeps binary rounding off the limit itself.
        double rounded = Math.round(other * 1e7) / 1e7;
        assertThat(Sizes.areSame(one, rounded + (same ? 0 : Math.copySign(1e-9, other - one))))
                .isEqualTo(same);
        assertThat(Sizes.areSame(rounded, one) || !same).isTrue();
    }

    @Test
    void nothingIsTheSizeOfNoNumber() {
        assertThat(Sizes.areSame(Double.NaN, Double.NaN)).isFalse();
    }

    @Test
    void groupsByTheFirstSizeWithinReach() {
        assertThat(Sizes.grouped(List.of(7.2, 8.0, 7.204, 7.208, 8.001), size -> size))
                .containsExactly(List.of(7.2, 7.204), List.of(8.0, 8.001), List.of(7.208));
        assertThat(Sizes.grouped(List.<Double>of(), size -> size)).isEmpty();
    }
}
