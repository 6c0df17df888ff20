package wrenlane.progress;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wrenlane.rider.RiderLevel;
import wrenlane.verdict.Ladder;

class RungChoiceTest {
    private static final Ladder LADDER = new Ladder(Stream.of(1.9, 1.7, 1.5, 1.35, 1.22, 1.12, 1.05)
            .map(t -> new Ladder.Rung(5 * t, Optional.of(t)))
            .toList());

    private static Optional<CleanSetting> at(double tightness) {
        return Optional.of(new CleanSetting(tightness, tightness - 0.1, tightness + 0.1));
    }

    private static double tightness(Optional<CleanSetting> left, Optional<CleanSetting> right) {
        return RungChoice.first(LADDER, left, right, RiderLevel.NOVICE)
                .orElseThrow()
                .tightness()
                .orElseThrow();
    }

    @Test
    void theWeakerSideDecides() {
        assertThat(tightness(at(1.2), at(1.45))).isEqualTo(1.5);
        assertThat(tightness(at(1.45), at(1.2))).isEqualTo(1.5);
        assertThat(tightness(at(1.2), at(1.2))).isEqualTo(1.22);
    }

    @Test
    void withoutRunsTheLevelDecides() {
        assertThat(tightness(Optional.empty(), Optional.empty())).isEqualTo(1.7);
        assertThat(RungChoice.first(LADDER, Optional.empty(), Optional.empty(), RiderLevel.SKILLED))
                .hasValueSatisfying(r -> assertThat(r.tightness().orElseThrow()).isLessThan(1.4));
    }

    @Test
    void startsOnTheWidestRungWhereEvenThatIsTooTight() {
        assertThat(tightness(at(2.5), at(2.5))).isEqualTo(1.9);
        assertThat(RungChoice.first(new Ladder(List.of()), at(1.2), at(1.2), RiderLevel.NOVICE))
                .isEmpty();
    }
}
