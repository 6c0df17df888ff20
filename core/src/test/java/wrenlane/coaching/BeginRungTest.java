package wrenlane.coaching;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wrenlane.machine.Side;
import wrenlane.progress.CleanSetting;
import wrenlane.rider.RiderLevel;
import wrenlane.verdict.Ladder;

class BeginRungTest {
    private static final int EASIER = 2;

    private static final Ladder LADDER = new Ladder(Stream.of(1.9, 1.7, 1.5, 1.35, 1.22, 1.12, 1.05)
            .map(t -> new Ladder.Rung(5 * t, Optional.of(t)))
            .toList());

    private static Optional<CleanSetting> at(double tightness) {
        return Optional.of(new CleanSetting(tightness, tightness - 0.1, tightness + 0.1));
    }

    private static double tightness(Optional<CleanSetting> left, Optional<CleanSetting> right) {
        return tightness(left, right, Optional.empty());
    }

    private static double tightness(
            Optional<CleanSetting> left, Optional<CleanSetting> right, Optional<Ladder.Rung> working) {
        return BeginRung.of(LADDER, left, right, working, RiderLevel.NOVICE, EASIER)
                .orElseThrow()
                .tightness()
                .orElseThrow();
    }

    private static Optional<Ladder.Rung> rung(int place) {
        return Optional.of(LADDER.rungs().get(place));
    }

    @Test
    void beginsTwoStepsEasierThanTheRungToWorkOn() {
        assertThat(tightness(at(1.2), at(1.45), rung(4))).isEqualTo(1.5);
        assertThat(tightness(at(1.2), at(1.2), rung(6))).isEqualTo(1.22);
        assertThat(tightness(at(1.2), at(1.2), rung(1))).isEqualTo(1.9);
    }

    @Test
    void aSideThatIsNotKnownDoesNotMakeTheStartEasierStill() {
        assertThat(tightness(at(1.2), Optional.empty(), rung(4))).isEqualTo(1.7);
    }

    @Test
    void theWeakSideBeginsAndIsOnlySaidWhereBothAreKnown() {
        assertThat(BeginRung.weakSide(at(1.4), at(1.2))).contains(Side.LEFT);
        assertThat(BeginRung.weakSide(at(1.2), at(1.4))).contains(Side.RIGHT);
        assertThat(BeginRung.weakSide(at(1.2), at(1.21))).isEmpty();
        assertThat(BeginRung.weakSide(at(1.2), Optional.empty())).isEmpty();
        assertThat(BeginRung.weakSide(Optional.empty(), at(1.2))).isEmpty();
    }

    @Test
    void withoutRunsTheLevelDecides() {
        assertThat(tightness(Optional.empty(), Optional.empty())).isEqualTo(1.7);
        assertThat(BeginRung.of(
                        LADDER, Optional.empty(), Optional.empty(), Optional.empty(), RiderLevel.SKILLED, EASIER))
                .hasValueSatisfying(r -> assertThat(r.tightness().orElseThrow()).isLessThan(1.4));
    }

    @Test
    void startsOnTheWidestRungWhereEvenThatIsTooTight() {
        assertThat(tightness(at(2.5), at(2.5))).isEqualTo(1.9);
        assertThat(BeginRung.of(new Ladder(List.of()), at(1.2), at(1.2), Optional.empty(), RiderLevel.NOVICE, EASIER))
                .isEmpty();
    }
}
