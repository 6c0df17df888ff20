package wrenlane.progress;

import java.util.List;
import java.util.Optional;
import wrenlane.run.RunRecord;

/**
 * The tightest setting a rider rides clean four times in five to one side: an estimate from runs.
 *
 * <p>Model: the chance of a clean run at tightness t is 1 / (1 + exp(−(t − m)/w)), with w =
 * {@link #SLOPE_TIGHTNESS} held fixed and m unknown. On a grid of m, what riders in general
 * can do (a normal prior about {@link #PRIOR_MEAN}) and the likelihood of the runs give a posterior; four in five is
 * reached at m + w·ln 4. The estimate is the posterior mean, the band its 10th and 90th percentiles. The prior keeps
 * the answer sober where every run was clean: nobody is told they can do what they have not come near.
 *
 * @param tightness estimate
 * @param lowTightness 10th percentile
 * @param highTightness 90th percentile
 */
public record CleanSetting(double tightness, double lowTightness, double highTightness) {
    /** Width of the change from failing to clean, in tightness; chosen by us: from one in five to four in five in 0.22. */
    static final double SLOPE_TIGHTNESS = 0.08;

    /** Odds of four clean runs in five. */
    private static final double ODDS = 4;

    /** Fewest runs an estimate is given for; chosen by us, because fewer say next to nothing. */
    public static final int FEWEST_RUNS = 4;

    /** Runs that still say what a rider can do now; chosen by us: about two lessons to one side. */
    public static final int LATEST_RUNS = 12;

    /** Tightness ridden clean every other time by riders in general; chosen by us from the levels' starting rungs. */
    private static final double PRIOR_MEAN = 1.4;

    /** Spread of that, one standard deviation; chosen by us: nearly everyone between 1.0 and 1.8. */
    private static final double PRIOR_SPREAD = 0.2;

    private static final double GRID_FROM = 0.7;
    private static final double GRID_STEP = 0.01;
    private static final int GRID_SIZE = 191;

    /** The estimate from the latest {@link #LATEST_RUNS} runs to one side, oldest first: riders change. */
    public static Optional<CleanSetting> recent(List<RunRecord> runs) {
        return from(runs.subList(Math.max(0, runs.size() - LATEST_RUNS), runs.size()));
    }

    /** The estimate from runs to one side, or empty where fewer than {@link #FEWEST_RUNS} have a tightness. */
    public static Optional<CleanSetting> from(List<RunRecord> all) {
        List<RunRecord> runs =
                all.stream().filter(r -> r.tightness().isPresent()).toList();
        if (runs.size() < FEWEST_RUNS) {
            return Optional.empty();
        }
        double[] weight = posterior(runs);
        double shift = SLOPE_TIGHTNESS * Math.log(ODDS);
        double mean = 0;
        for (int i = 0; i < GRID_SIZE; i++) {
            mean += weight[i] * middle(i);
        }
        return Optional.of(
                new CleanSetting(mean + shift, percentile(weight, 0.1) + shift, percentile(weight, 0.9) + shift));
    }

    private static double[] posterior(List<RunRecord> runs) {
        double[] log = new double[GRID_SIZE];
        double best = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < GRID_SIZE; i++) {
            double fromPrior = (middle(i) - PRIOR_MEAN) / PRIOR_SPREAD;
            log[i] = -fromPrior * fromPrior / 2;
            for (RunRecord run : runs) {
                double x = (run.tightness().orElseThrow() - middle(i)) / SLOPE_TIGHTNESS;
                log[i] -= Math.log1p(Math.exp(run.clean() ? -x : x));
            }
            best = Math.max(best, log[i]);
        }
        double sum = 0;
        for (int i = 0; i < GRID_SIZE; i++) {
            log[i] = Math.exp(log[i] - best);
            sum += log[i];
        }
        for (int i = 0; i < GRID_SIZE; i++) {
            log[i] /= sum;
        }
        return log;
    }

    private static double middle(int i) {
        return GRID_FROM + i * GRID_STEP;
    }

    private static double percentile(double[] weight, double share) {
        double sum = 0;
        int i = 0;
        while (i < GRID_SIZE - 1 && sum + weight[i] < share) {
            sum += weight[i++];
        }
        return middle(i);
    }
}
