package wrenlane.progress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wrenlane.rider.RiderLevel;

/** What a rider does on one kind says something of another. */
class OtherKindsTest {
    private static final RiderLevel LEVEL = RiderLevel.DEVELOPING;

    /** Where the sums begin: ln of a difficulty of 24 %. */
    private static final double FROM = Math.log(0.24);

    private static final Instant FIRST = Instant.parse("2026-05-14T09:00:00Z");

    private static CleanChance after(double difficulty, int clean, int faulty) {
        return CleanChance.of(LEVEL, List.of(new Trial(difficulty, clean, faulty, FIRST)));
    }

    private static double best(CleanChance chance) {
        return chance.fourInFive().difficulty();
    }

    private static double band(CleanChance chance) {
        return chance.fourInFive().highDifficulty() - chance.fourInFive().lowDifficulty();
    }

    @Test
    void nothingElsewhereSaysNothing() {
        CleanChance alone = after(0.53, 4, 2);
        assertThat(best(alone.besides(LEVEL, List.of()))).isEqualTo(best(alone));
        CleanChance unridden = CleanChance.ofLevel(LEVEL);
        assertThat(best(alone.besides(LEVEL, List.of(unridden, unridden)))).isEqualTo(best(alone));
        assertThat(alone.besides(LEVEL, List.of(unridden)).runsElsewhere()).isZero();
    }

    @Test
    void whoIsBetterElsewhereIsExpectedToBeBetterHere() {
        CleanChance none = CleanChance.ofLevel(LEVEL);
        CleanChance good = after(0.65, 20, 2);
        CleanChance poor = after(0.45, 4, 16);
        assertThat(best(none.besides(LEVEL, List.of(good)))).isGreaterThan(best(none));
        assertThat(best(none.besides(LEVEL, List.of(poor)))).isLessThan(best(none));
        assertThat(best(none.besides(LEVEL, List.of(good, good))))
                .isGreaterThan(best(none.besides(LEVEL, List.of(good))));
        assertThat(band(none.besides(LEVEL, List.of(good)))).isLessThan(band(none));
        assertThat(none.besides(LEVEL, List.of(good)).runsElsewhere()).isEqualTo(22);
        assertThat(none.besides(LEVEL, List.of(good)).runs()).isZero();
    }

    @Test
    void theOrderOfTheOthersDoesNotMatter() {
        CleanChance a = after(0.65, 20, 2);
        CleanChance b = after(0.5, 6, 3);
        CleanChance here = after(0.53, 3, 1);
        assertThat(best(here.besides(LEVEL, List.of(a, b))))
                .isCloseTo(best(here.besides(LEVEL, List.of(b, a))), within(1e-12));
    }

    @Test
    void manyRunsHereOutweighWhatIsElsewhere() {
        CleanChance here = after(0.53, 80, 20);
        assertThat(best(here.besides(LEVEL, List.of(after(0.7, 40, 2))))).isCloseTo(best(here), within(0.015));
    }

    /**
     * Against a sum over every rider's r, every c of the other kind and every c of this one, which takes neither the other's
     * estimate as normal nor the factor by which weights are multiplied.
     */
    @ParameterizedTest
    @CsvSource({"0.56, 12, 3", "0.5, 5, 5", "0.6, 30, 10", "0.45, 8, 0"})
    void agreesWithTheSumOverBothKinds(double difficulty, int clean, int faulty) {
        double start = Math.log(StartDifficulty.of(LEVEL));
        double step = 0.014;
        double mean = 0;
        double square = 0;
        double all = 0;
        double[] ofThis = new double[120];
        for (int i = 0; i < 120; i++) {
            double other = FROM + i * step;
            double likely = likelihood(other, difficulty, clean, faulty);
            for (int j = 0; j < 120; j++) {
                double rider = FROM + j * step;
                double both = likely
                        * normal(rider - start, CleanChance.RIDER_SPREAD)
                        * normal(other - rider, CleanChance.KIND_SPREAD);
                for (int k = 0; k < 120; k++) {
                    ofThis[k] += both * normal(FROM + k * step - rider, CleanChance.KIND_SPREAD);
                }
            }
        }
        for (int k = 0; k < 120; k++) {
            double c = FROM + k * step;
            all += ofThis[k];
            mean += ofThis[k] * c;
            square += ofThis[k] * c * c;
        }
        mean /= all;
        double spread = Math.sqrt(square / all - mean * mean);
        CleanSetting known = CleanChance.ofLevel(LEVEL)
                .besides(LEVEL, List.of(after(difficulty, clean, faulty)))
                .fourInFive();
        assertThat(Math.log(known.difficulty())).isCloseTo(mean, within(0.007));
        assertThat(Math.log(known.highDifficulty() / known.lowDifficulty()))
                .isCloseTo(2 * 1.645 * spread, within(0.02));
    }

    private static double normal(double off, double spread) {
        return Math.exp(-off * off / (2 * spread * spread));
    }

    /** Of the runs, over the widths that are possible. */
    private static double likelihood(double c, double difficulty, int clean, int faulty) {
        double sum = 0;
        for (double width : new double[] {0.037, 0.053, 0.074, 0.1, 0.137, 0.19}) {
            double weight = normal(Math.log(width / CleanChance.PRIOR_WIDTH), CleanChance.PRIOR_WIDTH_SPREAD);
            double p = 1 / (1 + Math.exp((Math.log(difficulty) - c) / width - Math.log(4)));
            sum += weight * Math.pow(p, clean) * Math.pow(1 - p, faulty);
        }
        return sum;
    }

    /** Of two hundred riders who are as the model has it, most are known better for what they did elsewhere. */
    @Test
    void theErrorIsLessAndTheBandHoldsTheTruth() {
        SplittableRandom random = new SplittableRandom(41);
        double start = Math.log(StartDifficulty.of(LEVEL));
        double errorAlone = 0;
        double errorBesides = 0;
        int held = 0;
        for (int n = 0; n < 200; n++) {
            double rider = start + CleanChance.RIDER_SPREAD * random.nextGaussian();
            double here = rider + CleanChance.KIND_SPREAD * random.nextGaussian();
            List<CleanChance> others = new ArrayList<>();
            for (int kind = 0; kind < 2; kind++) {
                others.add(ridden(rider + CleanChance.KIND_SPREAD * random.nextGaussian(), 40, random));
            }
            CleanChance alone = ridden(here, 4, random);
            CleanChance besides = alone.besides(LEVEL, others);
            errorAlone += Math.pow(Math.log(best(alone)) - here, 2);
            errorBesides += Math.pow(Math.log(best(besides)) - here, 2);
            CleanSetting known = besides.fourInFive();
            double truth = Math.exp(here);
            held += known.lowDifficulty() <= truth && truth <= known.highDifficulty() ? 1 : 0;
        }
        assertThat(Math.sqrt(errorBesides / 200)).isLessThan(0.9 * Math.sqrt(errorAlone / 200));
        assertThat(held).isBetween(170, 192);
    }

    /** So many runs of somebody who rides exp(c) clean four times in five, at sizes about it. */
    private static CleanChance ridden(double c, int runs, SplittableRandom random) {
        List<Trial> trials = new ArrayList<>();
        for (int i = 0; i < runs; i++) {
            double difficulty = Math.exp(c - 0.2 * (random.nextDouble() - 0.4));
            double p = 1 / (1 + Math.exp((Math.log(difficulty) - c) / 0.09 - Math.log(4)));
            boolean clean = random.nextDouble() < p;
            trials.add(new Trial(difficulty, clean ? 1 : 0, clean ? 0 : 1, FIRST.plus(Duration.ofMinutes(i))));
        }
        return CleanChance.of(LEVEL, trials);
    }
}
