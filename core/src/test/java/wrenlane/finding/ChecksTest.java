package wrenlane.finding;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ChecksTest {
    @ParameterizedTest
    @ValueSource(doubles = {3, 3.0001, 20})
    void acceptsBothEndsOfARange(double value) {
        assertThat(Checks.range("width", "Width", value, 3, 20, "m")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "2.9, 'Width must be between 3 and 20 m; it is 2.9.'",
        "20.5, 'Width must be between 3 and 20 m; it is 20.5.'",
        "-7, 'Width must be between 3 and 20 m; it is -7.'",
        "NaN, 'Width must be between 3 and 20 m; it is not a number.'",
        "Infinity, 'Width must be between 3 and 20 m; it is not a number.'",
        "1e12, 'Width must be between 3 and 20 m; it is 1000000000000.'",
    })
    void namesValueRangeAndUnit(double value, String message) {
        assertThat(Checks.range("width", "Width", value, 3, 20, "m")).hasValueSatisfying(f -> {
            assertThat(f.message().toString()).isEqualTo(message);
            assertThat(f.where()).isEqualTo("width");
            assertThat(f.code()).isEqualTo("out-of-range");
        });
    }

    @Test
    void leavesOutAUnitThatIsNone() {
        assertThat(Checks.range("count", "The count", 0, 1, 500, "")
                        .orElseThrow()
                        .message()
                        .toString())
                .isEqualTo("The count must be between 1 and 500; it is 0.");
    }

    @Test
    void gathersEverythingInItsOrder() {
        Checks checks =
                new Checks().add("first", "a", "One.").add(Optional.empty()).add(Checks.range("b", "B", 9, 0, 1, "m"));
        assertThat(checks.findings()).extracting(Finding::where).containsExactly("a", "b");
    }
}
