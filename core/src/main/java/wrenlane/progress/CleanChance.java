package wrenlane.progress;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import wrenlane.rider.RiderLevel;

/**
 * The chance of a clean run by difficulty, for one rider, kind of course and side: an estimate from level and runs.
 *
 * <p><b>Model.</b> At difficulty d, with x = ln d, the chance is p = 1 / (1 + exp((x − c)/w − ln 4)): a logistic curve that is
 * four in five at x = c and falls over a width w. The logarithm, because a step of a ladder is a factor of difficulty.
 * Difficulty means the same on every kind and machine, so runs on all machines count together.
 *
 * <p><b>Before any run</b> c is normal about the start of the level ({@link StartDifficulty}) with a spread of
 * {@value #PRIOR_SPREAD}; ln w is normal about ln {@value #PRIOR_WIDTH} with a spread of {@value #PRIOR_WIDTH_SPREAD}, apart
 * from c. Both are chosen by us; they keep the answer sober where every run was clean.
 *
 * <p><b>Runs.</b> On a grid of c and w each trial multiplies the weight by p(t) to the power of its clean runs and 1 − p(t) to
 * that of the others (Bayes' rule); so the order within a day does not matter.
 *
 * <p><b>Between days</b> riders change, and nobody knows how: before the first trial of another day c is blurred by a normal
 * step of variance {@value #DAY_SPREAD}² + {@value #WEEK_SPREAD}² for each week gone by, eight at most: a random walk seen
 * through a filter, as in any text on state estimation.
 *
 * <p><b>Other kinds.</b> Riders of a level differ, and each rides some kinds better than others: what one can do on a kind is
 * taken as c = r + e, with r normal about the level's start with a spread of {@value #RIDER_SPREAD} and e normal about 0 with one
 * of {@value #KIND_SPREAD}, apart for each kind; their squares add up to that of {@value #PRIOR_SPREAD}. The estimate of
 * another kind, normal with mean m and spread s, is the level's prior with its runs; so the runs alone say y with variance v,
 * where 1/v = 1/s² − 1/{@value #PRIOR_SPREAD}² and y/v = m/s² − μ/{@value #PRIOR_SPREAD}². As y is r with variance
 * {@value #KIND_SPREAD}² + v, all others together make r normal with precision P = 1/{@value #RIDER_SPREAD}² + Σ
 * 1/({@value #KIND_SPREAD}² + v) (a hierarchical normal model, as in any text on Bayesian statistics), and this kind's c
 * normal with variance 1/P + {@value #KIND_SPREAD}². Over the level's prior that is one more normal factor, by which the weights
 * are multiplied after the runs; without others it is 1. Others are taken as they stood after their last run.
 *
 * <p>Means are of the weighted grid, bands from its 5th to its 95th percentile: nine times in ten the truth lies in the band,
 * as far as the model holds.
 */
public final class CleanChance {
    /** Spread of what riders of a level can do, one standard deviation, as a share of difficulty. */
    static final double PRIOR_SPREAD = 0.14;

    /** Of that, what is a rider's own on all kinds; chosen by us. */
    static final double RIDER_SPREAD = 0.112;

    /** And what is a kind's with them; chosen by us. */
    static final double KIND_SPREAD = 0.084;

    /** Middle width of the change from clean to failing, as a share of difficulty. */
    static final double PRIOR_WIDTH = 0.09;

    /** Spread of the logarithm of that width. */
    static final double PRIOR_WIDTH_SPREAD = 0.4;

    /** Change from one day to another, one standard deviation, as a share of difficulty. */
    static final double DAY_SPREAD = 0.035;

    /** The same for each week between. */
    static final double WEEK_SPREAD = 0.014;

    private static final double MOST_WEEKS = 8;

    /** Trials farther apart than this are of different days. */
    private static final Duration NIGHT = Duration.ofHours(8);

    private static final double SHARE_BELOW = 0.05;

    private static final double LN_ODDS = Math.log(4);

    /** Weight of what is as good as impossible; it is left out. */
    private static final double NEGLIGIBLE = 1e-14;

    /** From here on ln(1 + exp(x)) is x to the last digit. */
    private static final double LARGE = 40;

    /** The grid of c: ln of a difficulty of 18 %, in steps of 0.8 %, up to 140 %. */
    private static final double FROM = Math.log(0.18);

    private static final double STEP = 0.008;
    private static final int SIZE = 257;
    private static final double[] WIDTHS = {0.037, 0.053, 0.074, 0.1, 0.137, 0.19};

    /**
     * exp(−c/w) by width, then by c, so that p at a difficulty costs one exponential a width: exp((x − c)/w − ln 4) is
     * exp(x/w)/4 times that. The largest is exp(46).
     */
    private static final double[][] EXP_C = expC();

    /** By width, then by c; sums to one. */
    private final double[][] weight;

    private final double runs;
    private final double runsElsewhere;

    private CleanChance(double[][] weight, double runs) {
        this(weight, runs, 0);
    }

    private CleanChance(double[][] weight, double runs, double runsElsewhere) {
        this.weight = weight;
        this.runs = runs;
        this.runsElsewhere = runsElsewhere;
    }

    /** What is expected of a level before any run. */
    public static CleanChance ofLevel(RiderLevel level) {
        double[][] weight = new double[WIDTHS.length][SIZE];
        for (int k = 0; k < WIDTHS.length; k++) {
            double ofWidth = Math.log(WIDTHS[k] / PRIOR_WIDTH) / PRIOR_WIDTH_SPREAD;
            for (int i = 0; i < SIZE; i++) {
                double ofC = (c(i) - start(level)) / PRIOR_SPREAD;
                weight[k][i] = Math.exp(-(ofWidth * ofWidth + ofC * ofC) / 2);
            }
        }
        return new CleanChance(normal(weight), 0);
    }

    /**
     * The estimate from runs.
     *
     * @param trials of one kind and side, in any order
     */
    public static CleanChance of(RiderLevel level, List<Trial> trials) {
        CleanChance chance = ofLevel(level);
        Instant last = null;
        List<Trial> day = new ArrayList<>();
        for (Trial trial :
                trials.stream().sorted(Comparator.comparing(Trial::at)).toList()) {
            if (last != null && Duration.between(last, trial.at()).compareTo(NIGHT) > 0) {
                chance = chance.with(day).after(Duration.between(last, trial.at()));
                day.clear();
            }
            day.add(trial);
            last = trial.at();
        }
        return chance.with(day);
    }

    /**
     * The same with what the rider's other kinds say, to the same side.
     *
     * @param level it was begun from, as theirs were
     * @param others estimates, each from the runs on its own kind alone
     */
    public CleanChance besides(RiderLevel level, List<CleanChance> others) {
        double start = start(level);
        double prior = 1 / (PRIOR_SPREAD * PRIOR_SPREAD);
        double ofKind = KIND_SPREAD * KIND_SPREAD;
        double precision = 1 / (RIDER_SPREAD * RIDER_SPREAD);
        double weighted = start * precision;
        double told = 0;
        for (CleanChance other : others) {
            double mean = other.mean();
            double known = 1 / other.variance(mean);
            double said = known - prior;
            // Less is known than from the level alone: its runs contradict each other, and say nothing here.
            if (said > 0 && other.runs > 0) {
                double y = (mean * known - start * prior) / said;
                double share = 1 / (ofKind + 1 / said);
                precision += share;
                weighted += share * y;
                told += other.runs;
            }
        }
        if (told == 0) {
            return this;
        }
        double here = 1 / (1 / precision + ofKind);
        double more = here - prior;
        double at = (weighted / precision * here - start * prior) / more;
        double[][] next = new double[WIDTHS.length][SIZE];
        for (int k = 0; k < WIDTHS.length; k++) {
            for (int i = 0; i < SIZE; i++) {
                double off = c(i) - at;
                next[k][i] = weight[k][i] * Math.exp(-more * off * off / 2);
            }
        }
        return new CleanChance(normal(next), runs, told);
    }

    private static double start(RiderLevel level) {
        return Math.log(StartDifficulty.of(level));
    }

    private double mean() {
        double[] ofC = ofC();
        double mean = 0;
        for (int i = 0; i < SIZE; i++) {
            mean += ofC[i] * c(i);
        }
        return mean;
    }

    private double variance(double mean) {
        double[] ofC = ofC();
        double variance = 0;
        for (int i = 0; i < SIZE; i++) {
            variance += ofC[i] * (c(i) - mean) * (c(i) - mean);
        }
        return variance;
    }

    /** With the trials of a day, of which those at the same difficulty are computed as one: that comes to the same. */
    private CleanChance with(List<Trial> day) {
        double[][] log = new double[WIDTHS.length][SIZE];
        Map<Double, List<Trial>> byDifficulty = day.stream().collect(Collectors.groupingBy(Trial::difficulty));
        byDifficulty.forEach((difficulty, same) -> {
            double clean = same.stream().mapToDouble(Trial::clean).sum();
            double faulty = same.stream().mapToDouble(Trial::faulty).sum();
            addTo(log, difficulty, clean, faulty);
        });
        // What fits best counts as 1, so that what is left is never too small to write down.
        double best = Double.NEGATIVE_INFINITY;
        for (int k = 0; k < WIDTHS.length; k++) {
            for (int i = 0; i < SIZE; i++) {
                if (weight[k][i] >= NEGLIGIBLE) {
                    best = Math.max(best, log[k][i]);
                }
            }
        }
        double[][] next = new double[WIDTHS.length][SIZE];
        for (int k = 0; k < WIDTHS.length; k++) {
            for (int i = 0; i < SIZE; i++) {
                if (weight[k][i] >= NEGLIGIBLE) {
                    next[k][i] = weight[k][i] * Math.exp(log[k][i] - best);
                }
            }
        }
        double counted = day.stream().mapToDouble(t -> t.clean() + t.faulty()).sum();
        return new CleanChance(normal(next), runs + counted);
    }

    /** Adds what runs at a difficulty make of each place on the grid, as a logarithm. */
    private void addTo(double[][] log, double difficulty, double clean, double faulty) {
        for (int k = 0; k < WIDTHS.length; k++) {
            for (int i = 0; i < SIZE; i++) {
                if (weight[k][i] >= NEGLIGIBLE) {
                    double x = (c(i) - Math.log(difficulty)) / WIDTHS[k] + LN_ODDS;
                    // ln p = −ln(1 + exp(−x)), and ln(1 − p) = ln p − x.
                    log[k][i] -= (clean + faulty) * softplus(-x) + faulty * x;
                }
            }
        }
    }

    /** After some time away from it. */
    CleanChance after(Duration gone) {
        double weeks = Math.min(MOST_WEEKS, gone.toMinutes() / (7 * 24 * 60.0));
        double spread = Math.sqrt(DAY_SPREAD * DAY_SPREAD + WEEK_SPREAD * WEEK_SPREAD * weeks);
        int reach = (int) Math.ceil(4 * spread / STEP);
        double[] kernel = new double[reach + 1];
        for (int d = 0; d <= reach; d++) {
            double x = d * STEP / spread;
            kernel[d] = Math.exp(-x * x / 2);
        }
        double[][] blurred = new double[WIDTHS.length][SIZE];
        for (int k = 0; k < WIDTHS.length; k++) {
            for (int i = 0; i < SIZE; i++) {
                if (weight[k][i] < NEGLIGIBLE) {
                    continue;
                }
                for (int j = Math.max(0, i - reach); j <= Math.min(SIZE - 1, i + reach); j++) {
                    blurred[k][j] += weight[k][i] * kernel[Math.abs(i - j)];
                }
            }
        }
        return new CleanChance(normal(blurred), runs);
    }

    /** ln(1 + exp(x)), also where exp(x) is too large to write down. */
    private static double softplus(double x) {
        return x > LARGE ? x : Math.log(1 + Math.exp(x));
    }

    private static double[][] normal(double[][] weight) {
        double sum = 0;
        for (double[] row : weight) {
            for (double one : row) {
                sum += one;
            }
        }
        for (double[] row : weight) {
            for (int i = 0; i < SIZE; i++) {
                row[i] /= sum;
            }
        }
        return weight;
    }

    private static double c(int i) {
        return FROM + i * STEP;
    }

    private static double[][] expC() {
        double[][] exp = new double[WIDTHS.length][SIZE];
        for (int k = 0; k < WIDTHS.length; k++) {
            for (int i = 0; i < SIZE; i++) {
                exp[k][i] = Math.exp(-c(i) / WIDTHS[k]);
            }
        }
        return exp;
    }

    /** What {@link #p} of a width takes of a difficulty. */
    private static double factor(double difficulty, int k) {
        return Math.exp(Math.log(difficulty) / WIDTHS[k] - LN_ODDS);
    }

    private static double p(double factor, int i, int k) {
        return 1 / (1 + factor * EXP_C[k][i]);
    }

    /** How many runs it rests on; a timed ride counts as a few. */
    public double runs() {
        return runs;
    }

    /** How many runs on other kinds speak for it besides. */
    public double runsElsewhere() {
        return runsElsewhere;
    }

    /** The chance of a clean run at a difficulty, 0 to 1: the mean over all that is still possible. */
    public double at(double difficulty) {
        double mean = 0;
        for (int k = 0; k < WIDTHS.length; k++) {
            double factor = factor(difficulty, k);
            for (int i = 0; i < SIZE; i++) {
                mean += weight[k][i] * p(factor, i, k);
            }
        }
        return mean;
    }

    /**
     * A chance with its band.
     *
     * @param chance mean, 0 to 1
     * @param low 5th percentile
     * @param high 95th percentile
     */
    public record Band(double chance, double low, double high) {}

    /** The same with the band it lies in. */
    public Band bandAt(double difficulty) {
        // Tenths of a percent are fine enough to sort by.
        double[] share = new double[1001];
        double mean = 0;
        for (int k = 0; k < WIDTHS.length; k++) {
            double factor = factor(difficulty, k);
            for (int i = 0; i < SIZE; i++) {
                double p = p(factor, i, k);
                mean += weight[k][i] * p;
                share[(int) (1000 * p + 0.5)] += weight[k][i];
            }
        }
        return new Band(mean, percentile(share, SHARE_BELOW) / 1000.0, percentile(share, 1 - SHARE_BELOW) / 1000.0);
    }

    private double[] ofC() {
        double[] sum = new double[SIZE];
        for (double[] row : weight) {
            for (int i = 0; i < SIZE; i++) {
                sum[i] += row[i];
            }
        }
        return sum;
    }

    /** The difficulty ridden clean four times in five. */
    public CleanSetting fourInFive() {
        double[] ofC = ofC();
        return new CleanSetting(
                Math.exp(mean()),
                Math.exp(c(percentile(ofC, SHARE_BELOW))),
                Math.exp(c(percentile(ofC, 1 - SHARE_BELOW))));
    }

    /** The first place at which a share of the weight is reached. */
    private static int percentile(double[] share, double below) {
        double sum = 0;
        for (int i = 0; i < share.length; i++) {
            sum += share[i];
            if (sum >= below) {
                return i;
            }
        }
        return share.length - 1;
    }

    /**
     * How likely it is, 0 to 1, that this is behind another: that this side is the weak one, or that the rider has got better
     * since. Where both are the same it is a half.
     */
    public double chanceBehind(CleanChance other) {
        double[] mine = ofC();
        double[] theirs = other.ofC();
        double below = 0;
        double chance = 0;
        for (int i = 0; i < SIZE; i++) {
            chance += theirs[i] * (below + mine[i] / 2);
            below += mine[i];
        }
        return chance;
    }
}
