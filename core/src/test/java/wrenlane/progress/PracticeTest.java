package wrenlane.progress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wrenlane.finding.Finding;
import wrenlane.progress.Practice.SideRuns;
import wrenlane.rider.RiderLevel;

class PracticeTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private static final Instant NOON = Instant.parse("2026-05-12T12:00:00Z");

    @ParameterizedTest
    @CsvSource({
        "2026-05-15, 10, 7.2, 4, 3, practice-later",
        "2026-05-14, 0, 7.2, 4, 3, out-of-range",
        "2026-05-14, 241, 7.2, 4, 3, out-of-range",
        "2026-05-14, NaN, 7.2, 4, 3, out-of-range",
        "2026-05-14, 10, , 4, 3, practice-setting",
        "2026-05-14, 10, 7.2, 4, 5, practice-clean",
        "2026-05-14, 10, 7.2, 4, -1, practice-clean",
        "2026-05-14, 10, 7.2, 101, 3, out-of-range",
        "2026-05-14, 10, 7.2, -1, 0, out-of-range practice-clean",
        "2026-05-14, 10, 7.2, 4, 3, ''",
        "2026-05-14, 10, , 0, 0, ''",
    })
    void saysWhatIsWrong(LocalDate on, double minutes, Double setting, int runs, int clean, String codes) {
        Practice practice =
                new Practice(on, minutes, Optional.ofNullable(setting), new SideRuns(runs, clean), SideRuns.NOTHING);
        assertThat(String.join(
                        " ",
                        practice.check(TODAY).findings().stream()
                                .map(Finding::code)
                                .toList()))
                .isEqualTo(codes);
    }

    /** Three told count as one seen, and no sitting as more than four: worked by hand. */
    @ParameterizedTest
    @CsvSource({"3, 3, 1, 0", "6, 3, 1, 1", "12, 9, 3, 1", "60, 45, 3, 1", "1, 0, 0, 0.333333"})
    void countsLessThanWhatWasSeen(int runs, int clean, double asClean, double asFaulty) {
        Trial trial = Trial.told(0.55, new SideRuns(runs, clean), NOON).orElseThrow();
        assertThat(trial.clean()).isCloseTo(asClean, within(1e-6));
        assertThat(trial.faulty()).isCloseTo(asFaulty, within(1e-6));
        assertThat(Trial.told(0.55, SideRuns.NOTHING, NOON)).isEmpty();
    }

    /** What was seen moves the estimate farther than the same told; clean practice never makes it worse. */
    @Test
    void movesTheEstimateLessThanWhatWasSeen() {
        double before = fourInFive(List.of());
        double told =
                fourInFive(List.of(Trial.told(0.6, new SideRuns(6, 6), NOON).orElseThrow()));
        List<Trial> seen = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            seen.add(new Trial(0.6, 1, 0, NOON));
        }
        assertThat(told).isGreaterThan(before);
        assertThat(fourInFive(seen)).isGreaterThan(told);
    }

    private static double fourInFive(List<Trial> trials) {
        return CleanChance.of(RiderLevel.DEVELOPING, trials).fourInFive().difficulty();
    }
}
