package wrenlane.progress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wrenlane.rider.RiderLevel;
import wrenlane.verdict.SizeLadder;

class PaceTest {
    /** Half a band of one spread of 0.02. */
    private static final double HALF = 1.645 * 0.02;

    private static List<CleanSetting> days(double half, double... difficulty) {
        return DoubleStream.of(difficulty)
                .mapToObj(t -> new CleanSetting(t, t - half, t + half))
                .toList();
    }

    /** (0.60 − 0.50)/4 = 0.025 a lesson, its spread √2 · 0.02/4 = 0.00707. */
    @Test
    void thePaceIsTheDifferenceOverTheLastFourLessons() {
        Pace pace = Pace.of(days(HALF, 0.4, 0.5, 0.55, 0.57, 0.59, 0.6)).orElseThrow();
        assertThat(pace.perLesson()).isCloseTo(0.025, within(1e-9));
        assertThat(pace.spread()).isCloseTo(0.007071, within(1e-6));
        assertThat(pace.lessons()).isEqualTo(4);
    }

    /** 0.2 at 0.05 a lesson takes 4; at 0.05 ± 1.645 · 0.014142 between 2.730 and 7.481. */
    @Test
    void aGoalIsAsFarOffAsThePaceSays() {
        Pace.Lessons lessons = new Pace(0.05, 0.014142, 4).to(0.2).orElseThrow();
        assertThat(lessons.likely().orElseThrow()).isCloseTo(4, within(1e-9));
        assertThat(lessons.soonest()).isCloseTo(2.730, within(0.001));
        assertThat(lessons.latest().orElseThrow()).isCloseTo(7.481, within(0.001));
    }

    /** The same from paces drawn at random: nine in ten of the lessons they take lie between soonest and latest. */
    @Test
    void nineOfTenDrawnPacesLieBetween() {
        Pace pace = new Pace(0.05, 0.012, 4);
        Pace.Lessons lessons = pace.to(0.15).orElseThrow();
        SplittableRandom random = new SplittableRandom(7);
        long within = IntStream.range(0, 20000)
                .mapToDouble(i -> 0.15 / (0.05 + 0.012 * random.nextGaussian()))
                .filter(l -> l >= lessons.soonest() && l <= lessons.latest().orElseThrow())
                .count();
        assertThat(within / 20000.0).isCloseTo(0.9, within(0.01));
    }

    @Test
    void whatMayNeverBeReachedHasNoLatest() {
        Pace.Lessons lessons = new Pace(0.02, 0.02, 4).to(0.1).orElseThrow();
        assertThat(lessons.likely()).hasValue(5.0);
        assertThat(lessons.latest()).isEmpty();
        assertThat(new Pace(-0.01, 0.02, 4).to(0.1).orElseThrow().likely()).isEmpty();
        assertThat(new Pace(-0.05, 0.01, 4).to(0.1)).isEmpty();
    }

    @Test
    void oneEstimateSaysNothingOfThePace() {
        assertThat(Pace.of(days(HALF, 0.5))).isEmpty();
        assertThat(Pace.of(List.of())).isEmpty();
        assertThat(Pace.of(days(HALF, 0.5, 0.55)).orElseThrow().lessons()).isEqualTo(1);
    }

    @Test
    void aPlateauIsLevelForFourLessonsAndWellKnown() {
        assertThat(Pace.isLevel(days(0.05, 0.4, 0.55, 0.555, 0.55, 0.555))).isTrue();
        assertThat(Pace.isLevel(days(0.05, 0.55, 0.555, 0.55)))
                .as("three lessons")
                .isFalse();
        assertThat(Pace.isLevel(days(0.05, 0.5, 0.52, 0.54, 0.55)))
                .as("it still rises")
                .isFalse();
        assertThat(Pace.isLevel(days(0.05, 0.55, 0.54, 0.53, 0.51)))
                .as("it gets worse")
                .isFalse();
        assertThat(Pace.isLevel(days(0.08, 0.55, 0.555, 0.55, 0.555)))
                .as("hardly known")
                .isFalse();
    }

    private static final SizeLadder LADDER = new SizeLadder(Stream.of(0.40, 0.45, 0.50, 0.56, 0.63, 0.71, 0.79)
            .map(t -> new SizeLadder.SizeStep(4 / t, Optional.of(t)))
            .toList());

    private static CleanChance sure(double difficulty) {
        Instant at = Instant.parse("2026-05-14T09:00:00Z");
        return CleanChance.of(
                RiderLevel.DEVELOPING,
                IntStream.range(0, 40)
                        .mapToObj(i -> new Trial(difficulty, 0.8, 0.2, at.plus(Duration.ofMinutes(i))))
                        .toList());
    }

    @Test
    void theSideThatIsFartherOffDecides() {
        GoalGap.SideForecast left = new GoalGap.SideForecast(sure(0.6), days(HALF, 0.5, 0.6));
        GoalGap.SideForecast right = new GoalGap.SideForecast(sure(0.48), days(HALF, 0.45, 0.48));
        GoalGap gap = GoalGap.to(0.63, LADDER, left, right);
        double now = sure(0.48).fourInFive().difficulty();
        assertThat(gap.difficulty()).isCloseTo(0.63 - now, within(1e-9));
        assertThat(gap.steps()).as("0.50, 0.56 and the goal").isEqualTo(3);
        assertThat(gap.lessons().orElseThrow().likely().orElseThrow()).isCloseTo((0.63 - now) / 0.03, within(1e-9));
        assertThat(GoalGap.to(0.63, LADDER, right, left)).isEqualTo(gap);
    }

    @Test
    void aGoalThatIsReachedAsksForNothing() {
        GoalGap.SideForecast side = new GoalGap.SideForecast(sure(0.6), days(HALF, 0.5, 0.6));
        GoalGap gap = GoalGap.to(0.5, LADDER, side, side);
        assertThat(gap.difficulty()).isZero();
        assertThat(gap.steps()).isZero();
        assertThat(gap.lessons()).isEmpty();
        assertThat(gap.chance()).isGreaterThan(0.8);
    }

    @Test
    void refusesWhatIsNoGapAndNoPace() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Pace(Double.NaN, 0.1, 1));
        assertThatIllegalArgumentException().isThrownBy(() -> new Pace(0.1, 0.1, 0));
        assertThatIllegalArgumentException().isThrownBy(() -> new Pace(0.1, 0.1, 1).to(0));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> GoalGap.to(
                        Double.NaN,
                        LADDER,
                        new GoalGap.SideForecast(sure(0.6), List.of()),
                        new GoalGap.SideForecast(sure(0.6), List.of())));
    }
}
