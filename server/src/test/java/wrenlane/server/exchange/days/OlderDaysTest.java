package wrenlane.server.exchange.days;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import wrenlane.server.platform.format.FormatReader;
import wrenlane.server.platform.problem.RefusedException;

class OlderDaysTest {
    private static final Path OLDER = Path.of("../docs/formats/examples/days-3.json");

    private final FormatReader<ImportDocument> reader =
            new FormatReader<>(ImportDocument.FORMAT, ImportDocument.class, ImportDocument.FROM_3);

    /** Worked by hand: 0.81/1.52 = 0.53 rises to 0.81/1.12 = 0.72; the weak side begins at 0.81/1.82 = 0.45. */
    @Test
    void convertsTheTightnessOfSimulatedRiders() throws IOException {
        ImportDocument days = reader.read(Files.readString(OLDER));
        ImportDocument.VirtualRiderItem tomas = Objects.requireNonNull(days.virtualRiders()).stream()
                .filter(v -> v.rider().equals("tomas"))
                .findFirst()
                .orElseThrow();
        assertThat(tomas.startDifficulty()).isEqualTo(0.53);
        assertThat(tomas.bestDifficulty()).isEqualTo(0.72);
        assertThat(tomas.weakBy()).isCloseTo(0.08, within(1e-9));
        assertThat(days.virtualRiders()).hasSize(7).allSatisfy(SimulatedRuns::check);
        assertThat(days.format()).isEqualTo(ImportDocument.FORMAT);
        assertThat(days.riders()).hasSize(7);
    }

    @Test
    void refusesAnOlderFileByItsOwnSchema() throws IOException {
        String wrong = Files.readString(OLDER).replace("\"startTightness\": 1.52", "\"startTightness\": 9");
        assertThatThrownBy(() -> reader.read(wrong))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("startTightness");
    }
}
