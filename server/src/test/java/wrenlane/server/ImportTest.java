package wrenlane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A file comes in whole or not at all. */
class ImportTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private static String demo() throws IOException {
        return Files.readString(Path.of("../demo/ferry-apron.json"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "wren-lane-days/3 | wren-lane-days/9 | format",
                "\"yard\": \"apron\" | \"yard\": \"quay\" | quay",
                "\"rider\": \"sol\" | \"rider\": \"nobody\" | nobody",
                "\"7.2 m\" | \"seven\" | seven",
                "\"key\": \"twin\" | \"key\": \"scooter\" | twice",
                "\"daysAgo\": 0 | \"date\": null | daysAgo",
                "\"learning\": 0.035 | \"learning\": 7 | learning",
                "\"5.32 m\" | \"1 m\" | 1.00 m",
            })
    void aFaultAnywhereLeavesNothingBehind(String good, String bad, String said) throws IOException {
        assertThat(demo()).contains(good);
        String before = APP.get("/api/yards").raw().body()
                + APP.get("/api/machines").raw().body();
        RunningApp.Answer answer = APP.send("POST", "/api/imports", demo().replace(good, bad));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.raw().body()).contains(said);
        assertThat(APP.get("/api/yards").raw().body()
                        + APP.get("/api/machines").raw().body())
                .isEqualTo(before);
    }

    @Test
    void bringsInWhatItSays() throws IOException {
        RunningApp.Answer answer = APP.send("POST", "/api/imports", demo());
        assertThat(answer.status()).isEqualTo(201);
        assertThat(answer.body().get("riders").asInt()).isEqualTo(7);
        assertThat(answer.body().get("machines").asInt()).isEqualTo(7);
        assertThat(answer.body().get("simulatedRuns").asInt()).isBetween(270, 330);
    }
}
