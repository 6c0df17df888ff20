package wrenlane.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.Instant;
import java.util.Arrays;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wrenlane.machine.Side;

class RunRecordTest {
    @Test
    void isCleanWithoutFaults() {
        assertThat(new RunRecord(Side.LEFT, 6, Optional.of(1.2), Set.of(), Instant.EPOCH).clean())
                .isTrue();
        assertThat(new RunRecord(Side.LEFT, 6, Optional.empty(), Set.of(Fault.DROP), Instant.EPOCH).clean())
                .isFalse();
    }

    @ParameterizedTest
    @CsvSource({"0, 1.2", "-1, 1.2", "NaN, 1.2", "6, 0", "6, NaN", "1000, 1.2"})
    void refusesAnImpossibleSetting(double setting, double difficulty) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new RunRecord(Side.LEFT, setting, Optional.of(difficulty), Set.of(), Instant.EPOCH));
    }

    @Test
    void everyFaultHasALetterOfItsOwn() {
        assertThat(Arrays.stream(Fault.values()).map(Fault::letter)).containsExactly('C', 'L', 'G', 'F', 'S', 'T', 'D');
    }
}
