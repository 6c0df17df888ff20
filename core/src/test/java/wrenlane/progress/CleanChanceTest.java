package wrenlane.progress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wrenlane.course.Course;
import wrenlane.course.kind.CourseKinds;
import wrenlane.machine.Side;
import wrenlane.rider.RiderLevel;
import wrenlane.run.AssessedRun;
import wrenlane.run.Fault;
import wrenlane.run.Observation;
import wrenlane.run.Run;
import wrenlane.run.RunDetail;
import wrenlane.run.RunFixture;
import wrenlane.run.RunSort;
import wrenlane.simulation.VirtualRider;

class CleanChanceTest {
    private static final Instant FIRST = Instant.parse("2026-05-14T09:00:00Z");

    private static Instant day(double days) {
        return FIRST.plus(Duration.ofSeconds(Math.round(days * 86400)));
    }

    /** Trials as text: day/difficulty/clean/faulty, one after another. */
    private static List<Trial> trials(String text) {
        List<Trial> trials = new ArrayList<>();
        for (String one : text.isBlank() ? new String[0] : text.strip().split(" ")) {
            String[] part = one.split("/");
            trials.add(new Trial(
                    Double.parseDouble(part[1]),
                    Double.parseDouble(part[2]),
                    Double.parseDouble(part[3]),
                    day(Double.parseDouble(part[0]))));
        }
        return trials;
    }

    /**
     * The same integrals by the trapezoid rule over ln c at a step of 0.0005, in another language, with the six widths: mean,
     * 5th and 95th percentile of the difficulty ridden clean four times in five, and the chance at 55 %.
     */
    @ParameterizedTest
    @CsvSource({
        "DEVELOPING, '', 0.5400, 0.4290, 0.6799, 0.6924",
        "NOVICE, 0/0.45/3/1, 0.4254, 0.3641, 0.4940, 0.2681",
        "SKILLED, 0/0.75/8/0 0/0.85/0/4, 0.7481, 0.6816, 0.8092, 0.9913",
        "DEVELOPING, 0/0.50/4/0 0/0.56/0/2 7/0.50/5/0 7/0.56/0/1, 0.5171, 0.4699, 0.5716, 0.6064",
        "DEVELOPING, 0/0.5/3/1 100/0.56/0.5/0.5, 0.5104, 0.4351, 0.6040, 0.6173",
    })
    void agreesWithAnotherCalculation(
            RiderLevel level, String text, double mean, double low, double high, double chance) {
        CleanChance estimate = CleanChance.of(level, trials(text));
        assertThat(estimate.fourInFive().difficulty()).isCloseTo(mean, within(0.001));
        assertThat(estimate.fourInFive().lowDifficulty()).isCloseTo(low, within(0.006));
        assertThat(estimate.fourInFive().highDifficulty()).isCloseTo(high, within(0.006));
        assertThat(estimate.at(0.55)).isCloseTo(chance, within(0.002));
    }

    /** With many runs at one setting the chance there is their share, and the band that of a share: 1.64 √(0.21 / 200). */
    @Test
    void manyRunsSayTheirShare() {
        CleanChance.Band band =
                CleanChance.of(RiderLevel.DEVELOPING, trials("0/0.55/140/60")).bandAt(0.55);
        assertThat(band.chance()).isCloseTo(0.7, within(0.02));
        assertThat(band.low()).isCloseTo(0.7 - 0.053, within(0.02));
        assertThat(band.high()).isCloseTo(0.7 + 0.053, within(0.02));
    }

    /** What no rider of the level does is still computed with, however many runs of a day say so. */
    @Test
    void aDayThatSpeaksAgainstAllThatWasExpectedStillGivesFigures() {
        CleanSetting never = CleanChance.of(RiderLevel.SKILLED, trials("0/0.25/0/900 0/0.24/0/900"))
                .fourInFive();
        assertThat(never.highDifficulty())
                .isLessThan(CleanChance.ofLevel(RiderLevel.SKILLED).fourInFive().lowDifficulty());
        CleanSetting always =
                CleanChance.of(RiderLevel.NOVICE, trials("0/1.1/900/0")).fourInFive();
        assertThat(always.lowDifficulty())
                .isGreaterThan(
                        CleanChance.ofLevel(RiderLevel.NOVICE).fourInFive().highDifficulty());
    }

    @Test
    void theOrderWithinADayDoesNotMatter() {
        List<Trial> some = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            some.add(new Trial(0.4 + 0.03 * (i % 4), i % 3 == 0 ? 0 : 1, i % 3 == 0 ? 1 : 0, day(i * 0.01)));
        }
        CleanSetting before = CleanChance.of(RiderLevel.NOVICE, some).fourInFive();
        List<Trial> shuffled = new ArrayList<>();
        List<Integer> order = new ArrayList<>(List.of(0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11));
        Collections.shuffle(order, new Random(3));
        for (int i = 0; i < 12; i++) {
            Trial t = some.get(order.get(i));
            shuffled.add(new Trial(t.difficulty(), t.clean(), t.faulty(), day(i * 0.01)));
        }
        assertThat(CleanChance.of(RiderLevel.NOVICE, shuffled).fourInFive().difficulty())
                .isCloseTo(before.difficulty(), within(1e-9));
    }

    /**
     * Whatever went before, one clean run more never says worse; and where all were clean it never widens the band. (After
     * faults on easy sizes a clean run on a hard one may: it then speaks for a rider who is sometimes here, sometimes
     * there.)
     */
    @Test
    void cleanRunsNeverWorsenTheEstimateNorWidenTheBand() {
        SplittableRandom random = new SplittableRandom(11);
        for (int trial = 0; trial < 80; trial++) {
            boolean allClean = trial % 2 == 0;
            List<Trial> sofar = new ArrayList<>();
            for (int i = 0; i < trial % 12; i++) {
                boolean clean = allClean || random.nextInt(3) > 0;
                sofar.add(new Trial(0.4 + 0.05 * random.nextInt(8), clean ? 1 : 0, clean ? 0 : 1, day(0)));
            }
            CleanSetting before = CleanChance.of(RiderLevel.DEVELOPING, sofar).fourInFive();
            sofar.add(new Trial(0.4 + 0.05 * random.nextInt(8), 1, 0, day(0)));
            CleanSetting after = CleanChance.of(RiderLevel.DEVELOPING, sofar).fourInFive();
            assertThat(after.difficulty()).isGreaterThanOrEqualTo(before.difficulty() - 1e-9);
            if (allClean) {
                assertThat(after.highDifficulty() / after.lowDifficulty())
                        .as("%s", sofar)
                        .isLessThanOrEqualTo(before.highDifficulty() / before.lowDifficulty() * 1.0081);
            }
        }
    }

    @Test
    void timeAwayWidensAndKeepsTheMiddle() {
        CleanChance fresh = CleanChance.of(RiderLevel.SKILLED, trials("0/0.7/10/2"));
        CleanSetting before = fresh.fourInFive();
        CleanSetting after = fresh.after(Duration.ofDays(30)).fourInFive();
        assertThat(after.difficulty()).isCloseTo(before.difficulty(), within(0.005));
        assertThat(after.highDifficulty() - after.lowDifficulty())
                .isGreaterThan(before.highDifficulty() - before.lowDifficulty());
    }

    @Test
    void chancesFallWithDifficultyAndSidesSwap() {
        CleanChance left = CleanChance.of(RiderLevel.NOVICE, trials("0/0.45/2/6"));
        CleanChance right = CleanChance.of(RiderLevel.NOVICE, trials("0/0.45/8/0"));
        assertThat(left.at(0.5)).isLessThan(left.at(0.45));
        assertThat(left.at(0.45)).isLessThan(left.at(0.35));
        assertThat(left.chanceBehind(right)).isGreaterThan(0.95);
        assertThat(left.chanceBehind(right) + right.chanceBehind(left)).isCloseTo(1, within(1e-9));
        assertThat(left.chanceBehind(left)).isCloseTo(0.5, within(1e-9));
    }

    /** Nine laps with three faults say as much as three runs, one of them faulty; what was broken off says nothing. */
    @Test
    void aTimedRideCountsByItsFaultsPerLap() {
        Trial timedRide =
                trial(timedRide(Optional.of(9), Map.of(Fault.LINE, 3))).orElseThrow();
        assertThat(timedRide.faulty()).isCloseTo(1, within(1e-9));
        assertThat(timedRide.clean()).isCloseTo(2, within(1e-9));
        Trial endless =
                trial(timedRide(Optional.of(300), Map.of(Fault.LINE, 500))).orElseThrow();
        assertThat(endless).isEqualTo(new Trial(0.56, 0, 4, FIRST));
        assertThat(trial(timedRide(Optional.empty(), Map.of(Fault.LINE, 3)))).isEmpty();
        RunDetail off = new RunDetail(
                RunSort.BROKEN_OFF,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Map.of(),
                "",
                Observation.NOTHING);
        assertThat(trial(off)).isEmpty();
        assertThat(trial(RunDetail.PLAIN)).contains(new Trial(0.56, 0, 1, FIRST));
    }

    private static Optional<Trial> trial(RunDetail detail) {
        Run run = RunFixture.run(
                Course.standard(CourseKinds.usual()), Optional.of(Side.LEFT), 7, Set.of(Fault.LINE), detail, FIRST);
        return Trial.of(new AssessedRun(run, Optional.of(0.56)));
    }

    private static RunDetail timedRide(Optional<Integer> laps, Map<Fault, Integer> counts) {
        return new RunDetail(RunSort.SPELL, Optional.empty(), Optional.of(5.0), laps, counts, "", Observation.NOTHING);
    }

    /**
     * Riders drawn from what is expected of their level, who change between days as the model has it, ride three days of ten
     * runs near their setting: the band holds the truth about nine times in ten, and from day to day it narrows.
     */
    @Test
    void theBandHoldsTheTruthOfRidersLikeTheModels() {
        SplittableRandom random = new SplittableRandom(5);
        int held = 0;
        int riders = 200;
        for (int r = 0; r < riders; r++) {
            double c = Math.log(0.54) + CleanChance.PRIOR_SPREAD * random.nextGaussian();
            double w = CleanChance.PRIOR_WIDTH * Math.exp(CleanChance.PRIOR_WIDTH_SPREAD * random.nextGaussian());
            List<Trial> trials = new ArrayList<>();
            for (int day = 0; day < 3; day++) {
                if (day > 0) {
                    c += Math.hypot(CleanChance.DAY_SPREAD, CleanChance.WEEK_SPREAD) * random.nextGaussian();
                }
                double now = 0;
                for (int i = 0; i < 10; i++) {
                    // What is ridden follows the estimate, looked at every fifth run.
                    now = i % 5 == 0
                            ? CleanChance.of(RiderLevel.DEVELOPING, trials)
                                    .fourInFive()
                                    .difficulty()
                            : now;
                    double difficulty = Math.round(50 * now * (1 + 0.07 * (i % 3 - 1))) / 50.0;
                    boolean clean = random.nextDouble() < 1 / (1 + 0.25 * Math.exp((Math.log(difficulty) - c) / w));
                    trials.add(new Trial(difficulty, clean ? 1 : 0, clean ? 0 : 1, day(7 * day + 0.01 * i)));
                }
            }
            CleanSetting band = CleanChance.of(RiderLevel.DEVELOPING, trials).fourInFive();
            double truth = Math.exp(c);
            held += band.lowDifficulty() <= truth && truth <= band.highDifficulty() ? 1 : 0;
        }
        assertThat(held).isBetween(170, 190);
    }

    /** Riders who learn with every run, which the model does not know: it lags behind them, and still mostly holds them. */
    @Test
    void theBandMostlyHoldsTheTruthOfRidersWhoLearn() {
        int held = 0;
        int riders = 200;
        SplittableRandom random = new SplittableRandom(9);
        for (int r = 0; r < riders; r++) {
            double start = 0.54 * Math.pow(4, 0.1) * Math.exp(0.14 * random.nextGaussian());
            double best = start * (1.05 + 0.2 * random.nextDouble());
            VirtualRider.Skill skill =
                    new VirtualRider.Skill(start, best, Side.LEFT, 0, 0.005 + 0.01 * random.nextDouble());
            VirtualRider rider = new VirtualRider(skill, r);
            List<Trial> trials = new ArrayList<>();
            double truth = start;
            double now = 0;
            for (int i = 0; i < 30; i++) {
                now = i % 5 == 0
                        ? CleanChance.of(RiderLevel.DEVELOPING, trials)
                                .fourInFive()
                                .difficulty()
                        : now;
                boolean clean = rider.ride(Side.LEFT, now).isEmpty();
                truth += skill.learning() * (best - truth);
                trials.add(new Trial(now, clean ? 1 : 0, clean ? 0 : 1, day(7 * (i / 10) + 0.01 * (i % 10))));
            }
            // Four in five is reached a little easier than every other time: a tenth times ln 4.
            double c = truth * Math.pow(4, -0.1);
            CleanSetting band = CleanChance.of(RiderLevel.DEVELOPING, trials).fourInFive();
            held += band.lowDifficulty() <= c && c <= band.highDifficulty() ? 1 : 0;
        }
        assertThat(held).isBetween(170, 192);
    }
}
