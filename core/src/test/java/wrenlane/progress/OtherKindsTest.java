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

    private static final Instant FIRST = Instant.parse("2026-05-14T09:00:00Z");

    private static CleanChance after(double tightness, int clean, int faulty) {
        return CleanChance.of(LEVEL, List.of(new Trial(tightness, clean, faulty, FIRST)));
    }

    private static double best(CleanChance chance) {
        return chance.fourInFive().tightness();
    }

    private static double band(CleanChance chance) {
        return chance.fourInFive().highTightness() - chance.fourInFive().lowTightness();
    }

    @Test
    void nothingElsewhereSaysNothing() {
        CleanChance alone = after(1.5, 4, 2);
        assertThat(best(alone.besides(LEVEL, List.of()))).isEqualTo(best(alone));
        CleanChance unridden = CleanChance.ofLevel(LEVEL);
        assertThat(best(alone.besides(LEVEL, List.of(unridden, unridden)))).isEqualTo(best(alone));
        assertThat(alone.besides(LEVEL, List.of(unridden)).runsElsewhere()).isZero();
    }

    @Test
    void whoIsBetterElsewhereIsExpectedToBeBetterHere() {
        CleanChance none = CleanChance.ofLevel(LEVEL);
        CleanChance good = after(1.2, 20, 2);
        CleanChance poor = after(1.8, 4, 16);
        assertThat(best(none.besides(LEVEL, List.of(good)))).isLessThan(best(none));
        assertThat(best(none.besides(LEVEL, List.of(poor)))).isGreaterThan(best(none));
        assertThat(best(none.besides(LEVEL, List.of(good, good)))).isLessThan(best(none.besides(LEVEL, List.of(good))));
        assertThat(band(none.besides(LEVEL, List.of(good)))).isLessThan(band(none));
        assertThat(none.besides(LEVEL, List.of(good)).runsElsewhere()).isEqualTo(22);
        assertThat(none.besides(LEVEL, List.of(good)).runs()).isZero();
    }

    @Test
    void theOrderOfTheOthersDoesNotMatter() {
        CleanChance a = after(1.2, 20, 2);
        CleanChance b = after(1.6, 6, 3);
        CleanChance here = after(1.5, 3, 1);
        assertThat(best(here.besides(LEVEL, List.of(a, b))))
                .isCloseTo(best(here.besides(LEVEL, List.of(b, a))), within(1e-12));
    }

    @Test
    void manyRunsHereOutweighWhatIsElsewhere() {
        CleanChance here = after(1.5, 80, 20);
        assertThat(best(here.besides(LEVEL, List.of(after(1.1, 40, 2))))).isCloseTo(best(here), within(0.03));
    }

    /**
     * Against a sum over every rider's r, every c of the other kind and every c of this one, which takes neither the other's
     * estimate as normal nor the factor by which weights are multiplied.
     */
    @ParameterizedTest
    @CsvSource({"1.4, 12, 3", "1.6, 5, 5", "1.3, 30, 10", "1.7, 8, 0"})
    void agreesWithTheSumOverBothKinds(double tightness, int clean, int faulty) {
        double start = StartTightness.of(LEVEL);
        double step = 0.02;
        double mean = 0;
        double square = 0;
        double all = 0;
        double[] ofThis = new double[120];
        for (int i = 0; i < 120; i++) {
            double other = 0.6 + i * step;
            double likely = likelihood(other, tightness, clean, faulty);
            for (int j = 0; j < 120; j++) {
                double rider = 0.6 + j * step;
                double both = likely
                        * normal(rider - start, CleanChance.RIDER_SPREAD)
                        * normal(other - rider, CleanChance.KIND_SPREAD);
                for (int k = 0; k < 120; k++) {
                    ofThis[k] += both * normal(0.6 + k * step - rider, CleanChance.KIND_SPREAD);
                }
            }
        }
        for (int k = 0; k < 120; k++) {
            double c = 0.6 + k * step;
            all += ofThis[k];
            mean += ofThis[k] * c;
            square += ofThis[k] * c * c;
        }
        mean /= all;
        double spread = Math.sqrt(square / all - mean * mean);
        CleanChance expected = CleanChance.ofLevel(LEVEL).besides(LEVEL, List.of(after(tightness, clean, faulty)));
        assertThat(best(expected)).isCloseTo(mean, within(0.01));
        assertThat(band(expected)).isCloseTo(2 * 1.645 * spread, within(0.03));
    }

    private static double normal(double off, double spread) {
        return Math.exp(-off * off / (2 * spread * spread));
    }

    /** Of the runs, over the widths that are possible. */
    private static double likelihood(double c, double tightness, int clean, int faulty) {
        double sum = 0;
        for (double width : new double[] {0.035, 0.05, 0.07, 0.095, 0.13, 0.18}) {
            double weight = normal(Math.log(width / CleanChance.PRIOR_WIDTH), CleanChance.PRIOR_WIDTH_SPREAD);
            double p = 1 / (1 + Math.exp(-(tightness - c) / width - Math.log(4)));
            sum += weight * Math.pow(p, clean) * Math.pow(1 - p, faulty);
        }
        return sum;
    }

    /** Of two hundred riders who are as the model has it, most are known better for what they did elsewhere. */
    @Test
    void theErrorIsLessAndTheBandHoldsTheTruth() {
        SplittableRandom random = new SplittableRandom(41);
        double start = StartTightness.of(LEVEL);
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
            errorAlone += Math.pow(best(alone) - here, 2);
            errorBesides += Math.pow(best(besides) - here, 2);
            CleanSetting known = besides.fourInFive();
            held += known.lowTightness() <= here && here <= known.highTightness() ? 1 : 0;
        }
        assertThat(Math.sqrt(errorBesides / 200)).isLessThan(0.9 * Math.sqrt(errorAlone / 200));
        assertThat(held).isBetween(170, 192);
    }

    /** So many runs of somebody who rides c clean four times in five, at settings about it. */
    private static CleanChance ridden(double c, int runs, SplittableRandom random) {
        List<Trial> trials = new ArrayList<>();
        for (int i = 0; i < runs; i++) {
            double tightness = c + 0.3 * (random.nextDouble() - 0.4);
            double p = 1 / (1 + Math.exp(-(tightness - c) / 0.085 - Math.log(4)));
            boolean clean = random.nextDouble() < p;
            trials.add(new Trial(tightness, clean ? 1 : 0, clean ? 0 : 1, FIRST.plus(Duration.ofMinutes(i))));
        }
        return CleanChance.of(LEVEL, trials);
    }
}
