package wrenlane.units;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class HandyLengthsTest {
    @Test
    void namesAllBetweenTwoLengths() {
        assertThat(HandyLengths.METRIC.between(2.38, 2.71)).containsExactly(2.4, 2.45, 2.5, 2.6, 2.7);
        assertThat(HandyLengths.METRIC.between(6, 6.3)).containsExactly(6.0, 6.1, 6.2, 6.3);
        assertThat(HandyLengths.FEET.between(5.4, 6.2)).containsExactly(5.4864, 5.7912, 6.096);
        assertThat(HandyLengths.METRIC.between(6.01, 6.09)).isEmpty();
    }
}
