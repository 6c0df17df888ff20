package wrenlane.server.platform.problem;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FieldWordsTest {
    @ParameterizedTest
    @CsvSource({
        "bayMetres,'Bay, in metres.'",
        "metres,In metres.",
        "speedMetresPerSecond,'Speed, in metres per second.'",
        "cleanPercent,'Clean, in percent.'",
        "firstTurn,First turn.",
        "version,Version."
    })
    void tellsAFieldByItsName(String name, String sentence) {
        assertThat(FieldWords.of(name)).isEqualTo(sentence);
    }
}
