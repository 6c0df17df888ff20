package wrenlane.coaching;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wrenlane.machine.Side;
import wrenlane.progress.CleanSetting;
import wrenlane.rider.RiderLevel;
import wrenlane.verdict.SizeLadder;

class StartSizeTest {
    private static final int EASIER = 2;

    private static final SizeLadder LADDER = new SizeLadder(Stream.of(0.40, 0.45, 0.50, 0.56, 0.63, 0.71, 0.79)
            .map(t -> new SizeLadder.SizeStep(4 / t, Optional.of(t)))
            .toList());

    private static Optional<CleanSetting> at(double difficulty) {
        return Optional.of(new CleanSetting(difficulty, difficulty - 0.05, difficulty + 0.05));
    }

    private static double difficulty(Optional<CleanSetting> left, Optional<CleanSetting> right) {
        return difficulty(left, right, Optional.empty());
    }

    private static double difficulty(
            Optional<CleanSetting> left, Optional<CleanSetting> right, Optional<SizeLadder.SizeStep> working) {
        return StartSize.of(LADDER, left, right, working, RiderLevel.NOVICE, EASIER)
                .orElseThrow()
                .difficulty()
                .orElseThrow();
    }

    private static Optional<SizeLadder.SizeStep> size(int place) {
        return Optional.of(LADDER.sizes().get(place));
    }

    @Test
    void beginsTwoStepsEasierThanTheSizeToWorkOn() {
        assertThat(difficulty(at(0.65), at(0.52), size(4))).isEqualTo(0.50);
        assertThat(difficulty(at(0.65), at(0.65), size(6))).isEqualTo(0.63);
        assertThat(difficulty(at(0.65), at(0.65), size(1))).isEqualTo(0.40);
    }

    @Test
    void aSideThatIsNotKnownDoesNotMakeTheStartEasierStill() {
        assertThat(difficulty(at(0.65), Optional.empty(), size(4))).isEqualTo(0.40);
    }

    @Test
    void theWeakSideBeginsAndIsOnlySaidWhereBothAreKnown() {
        assertThat(StartSize.weakSide(at(0.5), at(0.65))).contains(Side.LEFT);
        assertThat(StartSize.weakSide(at(0.65), at(0.5))).contains(Side.RIGHT);
        assertThat(StartSize.weakSide(at(0.65), at(0.66))).isEmpty();
        assertThat(StartSize.weakSide(at(0.65), Optional.empty())).isEmpty();
        assertThat(StartSize.weakSide(Optional.empty(), at(0.65))).isEmpty();
    }

    @Test
    void withoutRunsTheLevelDecides() {
        assertThat(difficulty(Optional.empty(), Optional.empty())).isEqualTo(0.40);
        assertThat(StartSize.of(
                        LADDER, Optional.empty(), Optional.empty(), Optional.empty(), RiderLevel.SKILLED, EASIER))
                .hasValueSatisfying(
                        r -> assertThat(r.difficulty().orElseThrow()).isEqualTo(0.71));
    }

    @Test
    void startsOnTheWidestSizeWhereEvenThatIsTooHard() {
        assertThat(difficulty(at(0.3), at(0.3))).isEqualTo(0.40);
        assertThat(StartSize.of(
                        new SizeLadder(List.of()), at(0.65), at(0.65), Optional.empty(), RiderLevel.NOVICE, EASIER))
                .isEmpty();
    }
}
