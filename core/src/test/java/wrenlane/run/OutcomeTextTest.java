package wrenlane.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class OutcomeTextTest {
    @ParameterizedTest
    @ValueSource(strings = {"clean", " Clean ", "OK", "none", "0"})
    void aCleanRunHasNoFault(String text) {
        assertThat(OutcomeText.read(text)).contains(Set.of());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "L | LINE",
                "line crossed | LINE",
                "Foot Down, line  crossed | LINE FOOT",
                "LF | LINE FOOT",
                "l f | LINE FOOT",
                "DROP/stall | STALL DROP",
                "stopped + cone touched | CONE STOPPED",
            })
    void faultsAreReadByLetterNameAndLabel(String text, String faults) {
        assertThat(OutcomeText.read(text).orElseThrow())
                .containsExactlyInAnyOrderElementsOf(
                        Arrays.stream(faults.split(" ")).map(Fault::valueOf).toList());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " ", "fine", "line crossed, fine", ",L", "X", "clean, L"})
    void whatIsNotUnderstoodIsNotGuessed(String text) {
        assertThat(OutcomeText.read(text)).isEmpty();
    }

    @Test
    void whatIsWrittenIsReadAgain() {
        for (int bits = 0; bits < 1 << Fault.values().length; bits++) {
            Set<Fault> faults = EnumSet.noneOf(Fault.class);
            for (Fault fault : Fault.values()) {
                if ((bits & 1 << fault.ordinal()) != 0) {
                    faults.add(fault);
                }
            }
            assertThat(OutcomeText.read(OutcomeText.of(faults))).contains(faults);
        }
    }

    @Test
    void howOftenIsReadBehindAFault() {
        assertThat(OutcomeText.counted("line crossed x3, Foot down")).contains(Map.of(Fault.LINE, 3, Fault.FOOT, 1));
        assertThat(OutcomeText.counted("L\u00d72")).contains(Map.of(Fault.LINE, 2));
        assertThat(OutcomeText.counted("clean")).contains(Map.of());
        assertThat(OutcomeText.counted("fine x3")).isEmpty();
        Map<Fault, Integer> counted = Map.of(Fault.DROP, 1, Fault.CONE, 12);
        assertThat(OutcomeText.counted(OutcomeText.of(counted))).contains(counted);
    }
}
