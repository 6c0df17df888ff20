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
import wrenlane.verdict.Ladder;

class PaceTest {
    /** Half a band of one spread of 0.04. */
    private static final double HALF = 1.645 * 0.04;

    private static List<CleanSetting> days(double half, double... tightness) {
        return DoubleStream.of(tightness)
                .mapToObj(t -> new CleanSetting(t, t - half, t + half))
                .toList();
    }

    /** (1.60 − 1.40)/4 = 0.05 a lesson, its spread √2 · 0.04/4 = 0.01414. */
    @Test
    void thePaceIsTheDifferenceOverTheLastFourLessons() {
        Pace pace = Pace.of(days(HALF, 1.9, 1.6, 1.5, 1.45, 1.42, 1.4)).orElseThrow();
        assertThat(pace.perLesson()).isCloseTo(0.05, within(1e-9));
        assertThat(pace.spread()).isCloseTo(0.014142, within(1e-6));
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
        assertThat(Pace.of(days(HALF, 1.5))).isEmpty();
        assertThat(Pace.of(List.of())).isEmpty();
        assertThat(Pace.of(days(HALF, 1.5, 1.4)).orElseThrow().lessons()).isEqualTo(1);
    }

    @Test
    void aPlateauIsLevelForFourLessonsAndWellKnown() {
        assertThat(Pace.isLevel(days(0.1, 1.7, 1.41, 1.4, 1.41, 1.4))).isTrue();
        assertThat(Pace.isLevel(days(0.1, 1.41, 1.4, 1.41))).as("three lessons").isFalse();
        assertThat(Pace.isLevel(days(0.1, 1.5, 1.45, 1.41, 1.4)))
                .as("it still falls")
                .isFalse();
        assertThat(Pace.isLevel(days(0.1, 1.4, 1.44, 1.48, 1.5)))
                .as("it gets worse")
                .isFalse();
        assertThat(Pace.isLevel(days(0.15, 1.41, 1.4, 1.41, 1.4)))
                .as("hardly known")
                .isFalse();
    }

    private static final Ladder LADDER = new Ladder(Stream.of(1.9, 1.7, 1.5, 1.35, 1.22, 1.12, 1.05)
            .map(t -> new Ladder.Rung(5 * t, Optional.of(t)))
            .toList());

    private static CleanChance sure(double tightness) {
        Instant at = Instant.parse("2026-05-14T09:00:00Z");
        return CleanChance.of(
                RiderLevel.DEVELOPING,
                IntStream.range(0, 40)
                        .mapToObj(i -> new Trial(tightness, 0.8, 0.2, at.plus(Duration.ofMinutes(i))))
                        .toList());
    }

    @Test
    void theSideThatIsFartherOffDecides() {
        GoalGap.OfSide left = new GoalGap.OfSide(sure(1.3), days(HALF, 1.5, 1.3));
        GoalGap.OfSide right = new GoalGap.OfSide(sure(1.6), days(HALF, 1.7, 1.6));
        GoalGap gap = GoalGap.to(1.22, LADDER, left, right);
        double now = sure(1.6).fourInFive().tightness();
        assertThat(gap.tightness()).isCloseTo(now - 1.22, within(1e-9));
        assertThat(gap.steps()).as("1.5, 1.35 and the goal").isEqualTo(3);
        assertThat(gap.lessons().orElseThrow().likely().orElseThrow()).isCloseTo((now - 1.22) / 0.1, within(1e-9));
        assertThat(GoalGap.to(1.22, LADDER, right, left)).isEqualTo(gap);
    }

    @Test
    void aGoalThatIsReachedAsksForNothing() {
        GoalGap.OfSide side = new GoalGap.OfSide(sure(1.3), days(HALF, 1.5, 1.3));
        GoalGap gap = GoalGap.to(1.5, LADDER, side, side);
        assertThat(gap.tightness()).isZero();
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
                        new GoalGap.OfSide(sure(1.3), List.of()),
                        new GoalGap.OfSide(sure(1.3), List.of())));
    }
}
