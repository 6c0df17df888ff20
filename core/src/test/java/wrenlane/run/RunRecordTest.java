package wrenlane.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.Instant;
import java.util.Arrays;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wrenlane.machine.Side;

class RunRecordTest {
    @Test
    void isCleanWithoutFaultsAndKnowsItsTightness() {
        RunRecord run = new RunRecord(Side.LEFT, 6, 5, Set.of(), Instant.EPOCH);
        assertThat(run.clean()).isTrue();
        assertThat(run.tightness()).isEqualTo(1.2);
        assertThat(new RunRecord(Side.LEFT, 6, 5, Set.of(Fault.DROP), Instant.EPOCH).clean())
                .isFalse();
    }

    @ParameterizedTest
    @CsvSource({"0, 5", "-1, 5", "NaN, 5", "6, 0", "6, NaN", "1000, 5"})
    void refusesAnImpossibleSetting(double setting, double limit) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new RunRecord(Side.LEFT, setting, limit, Set.of(), Instant.EPOCH));
    }

    @Test
    void everyFaultHasALetterOfItsOwn() {
        assertThat(Arrays.stream(Fault.values()).map(Fault::letter)).containsExactly('C', 'L', 'G', 'F', 'S', 'T', 'D');
    }
}
