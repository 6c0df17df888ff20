package wrenlane.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.LongFunction;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import wrenlane.coaching.Aim;
import wrenlane.machine.Side;
import wrenlane.progress.CleanChance;
import wrenlane.progress.CleanSetting;
import wrenlane.progress.StartDifficulty;
import wrenlane.progress.Trial;
import wrenlane.rider.RiderLevel;
import wrenlane.simulation.VirtualRider;
import wrenlane.verdict.SizeLadder;

/**
 * How good the estimate of a rider is, and what following it saves, on riders whose truth is known: written as a report.
 *
 * <p>Usage: {@code ProgressReport FILE}.
 */
final class ProgressReport {
    private static final int RIDERS = 400;

    /** Runs to one side, on three days a week apart. */
    private static final int RUNS = 30;

    private static final int RUNS_A_DAY = 10;

    /** Runs between two looks at what to ride next. */
    private static final int LOOK = 5;

    /** Clean runs of those that are a pass. */
    private static final int PASS = 4;

    /** Most runs given to reach a level. */
    private static final int MOST_RUNS = 400;

    private static final RiderLevel LEVEL = RiderLevel.DEVELOPING;

    private static final Instant FIRST = Instant.parse("2026-05-14T09:00:00Z");

    private static final List<SizeLadder.SizeStep> SIZES = Stream.of(
                    0.35, 0.40, 0.45, 0.50, 0.56, 0.63, 0.71, 0.79, 0.89, 0.95)
            .map(d -> new SizeLadder.SizeStep(4 / d, Optional.of(d)))
            .toList();

    private static final SizeLadder LADDER = new SizeLadder(SIZES);

    private ProgressReport() {}

    /** Somebody whose truth is known. */
    private interface SimulatedRider {
        boolean ride(double difficulty);

        void sleep();

        /** Difficulty ridden clean four times in five now. */
        double truth();
    }

    /** A plain logistic rider, drawn from what is expected of the level, who changes between days. */
    private static SimulatedRider logistic(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        double width = 0.09 * Math.exp(0.4 * random.nextGaussian());
        return new SimulatedRider() {
            private double c = Math.log(StartDifficulty.of(LEVEL)) + 0.14 * random.nextGaussian();

            @Override
            public boolean ride(double difficulty) {
                return random.nextDouble() < 1 / (1 + Math.exp((Math.log(difficulty) - c) / width) / 4);
            }

            @Override
            public void sleep() {
                c += 0.038 * random.nextGaussian();
            }

            @Override
            public double truth() {
                return Math.exp(c);
            }
        };
    }

    /** The virtual rider of the demo, who learns with every run. */
    private static SimulatedRider virtual(long seed) {
        SplittableRandom random = new SplittableRandom(~seed);
        double start = StartDifficulty.of(LEVEL) * Math.pow(4, 0.1) * Math.exp(0.14 * random.nextGaussian());
        double best = start * (1.05 + 0.2 * random.nextDouble());
        double learning = 0.005 + 0.01 * random.nextDouble();
        VirtualRider rider = new VirtualRider(new VirtualRider.Skill(start, best, Side.LEFT, 0, learning), seed);
        return new SimulatedRider() {
            private double even = start;

            @Override
            public boolean ride(double difficulty) {
                even += learning * (best - even);
                return rider.ride(Side.LEFT, difficulty).isEmpty();
            }

            @Override
            public void sleep() {
                // Keeps what was learnt.
            }

            @Override
            public double truth() {
                return even * Math.pow(4, -0.1);
            }
        };
    }

    /**
     * Somebody who learns from a run by how likely it was to be clean, p: as p^k (1 − p), scaled to 1 at its best, which is at
     * k/(k + 1). Nothing is learnt from what is sure to succeed or to fail. Models chosen by us, for want of measurements: at
     * k = 1 a run teaches as much as it tells.
     */
    private static SimulatedRider learner(long seed, int k) {
        SplittableRandom random = new SplittableRandom(31 * seed + 7);
        double width = 0.09 * Math.exp(0.4 * random.nextGaussian());
        double rate = 0.02 + 0.02 * random.nextDouble();
        double best = Math.pow(k / (k + 1.0), k) / (k + 1);
        return new SimulatedRider() {
            private double c = Math.log(0.5) + 0.08 * random.nextGaussian();

            @Override
            public boolean ride(double difficulty) {
                double p = 1 / (1 + Math.exp((Math.log(difficulty) - c) / width) / 4);
                c -= rate * Math.pow(p, k) * (1 - p) / best * c;
                return random.nextDouble() < p;
            }

            @Override
            public void sleep() {
                // Keeps what was learnt.
            }

            @Override
            public double truth() {
                return Math.exp(c);
            }
        };
    }

    /** Which size next, from the runs at the one ridden last. */
    private interface Policy {
        int next(int size, int cleanOfLook, List<Trial> trials);
    }

    /** A step after four clean of five, one back after one or none. */
    private static int fixedSteps(int size, int clean, List<Trial> trials) {
        return within(clean >= PASS ? size + 1 : clean <= 1 ? size - 1 : size);
    }

    /** One step towards the size whose chance lies nearest to what is aimed at. */
    private static int proposals(int size, int clean, List<Trial> trials) {
        CleanChance chance = CleanChance.of(LEVEL, trials);
        int working =
                SIZES.indexOf(Aim.USUAL.size(LADDER, chance::at).orElseThrow().size());
        return within(size + Integer.signum(working - size));
    }

    private static int within(int size) {
        return Math.max(0, Math.min(SIZES.size() - 1, size));
    }

    private static double difficulty(int size) {
        return SIZES.get(size).difficulty().orElseThrow();
    }

    private static Instant at(int run) {
        return FIRST.plus(Duration.ofDays(7L * (run / RUNS_A_DAY))).plus(Duration.ofMinutes(run % RUNS_A_DAY));
    }

    /**
     * What came of some runs.
     *
     * @param lastPassed the hardest size passed; where none was, what the level begins at
     */
    private record TrialResult(List<Trial> trials, double lastPassed, int runs) {}

    /** Rides until enough runs are ridden, or a level is reached. */
    private static TrialResult ride(SimulatedRider rider, Policy policy, int most, double level) {
        List<Trial> trials = new ArrayList<>();
        double passed = StartDifficulty.of(LEVEL);
        int size = 1;
        int clean = 0;
        for (int run = 0; run < most && rider.truth() < level; run++) {
            if (run > 0 && run % RUNS_A_DAY == 0) {
                rider.sleep();
            }
            boolean ok = rider.ride(difficulty(size));
            trials.add(new Trial(difficulty(size), ok ? 1 : 0, ok ? 0 : 1, at(run)));
            clean += ok ? 1 : 0;
            if (run % LOOK == LOOK - 1) {
                passed = clean >= PASS ? difficulty(size) : passed;
                size = policy.next(size, clean, trials);
                clean = 0;
            }
        }
        return new TrialResult(trials, passed, trials.size());
    }

    /** Share of bands that hold the truth, and the errors of both, on one population. */
    private static String estimates(String name, LongFunction<SimulatedRider> of) {
        int held = 0;
        double[] ours = new double[RIDERS];
        double[] passed = new double[RIDERS];
        double width = 0;
        for (int r = 0; r < RIDERS; r++) {
            SimulatedRider rider = of.apply(r);
            TrialResult ridden = ride(rider, ProgressReport::fixedSteps, RUNS, Double.POSITIVE_INFINITY);
            CleanSetting band = CleanChance.of(LEVEL, ridden.trials()).fourInFive();
            held += band.lowDifficulty() <= rider.truth() && rider.truth() <= band.highDifficulty() ? 1 : 0;
            ours[r] = Math.abs(band.difficulty() - rider.truth());
            passed[r] = Math.abs(ridden.lastPassed() - rider.truth());
            width += (band.highDifficulty() - band.lowDifficulty()) / RIDERS;
        }
        return String.format(
                Locale.ROOT,
                "| %s | %.1f %% | %.3f | %.3f | %.3f | %.0f %% less |%n",
                name,
                100.0 * held / RIDERS,
                width,
                mean(ours),
                mean(passed),
                100 * (1 - mean(ours) / mean(passed)));
    }

    private static double mean(double[] of) {
        return DoubleStream.of(of).average().orElseThrow();
    }

    private static double[] runsTo(double level, int k, Policy policy) {
        return LongStream.range(0, RIDERS)
                .mapToDouble(r -> ride(learner(r, k), policy, MOST_RUNS, level).runs())
                .toArray();
    }

    private static String saved(double level, int k) {
        double[] fixed = runsTo(level, k, ProgressReport::fixedSteps);
        double[] proposed = runsTo(level, k, ProgressReport::proposals);
        int fewer = 0;
        for (int r = 0; r < RIDERS; r++) {
            fewer += proposed[r] < fixed[r] ? 1 : 0;
        }
        return String.format(
                Locale.ROOT,
                "| %d in 100 | %.2f | %.1f | %.1f | %.0f | %.0f | %.0f %% |%n",
                Math.round(100.0 * k / (k + 1)),
                level,
                mean(fixed),
                mean(proposed),
                median(fixed),
                median(proposed),
                100.0 * fewer / RIDERS);
    }

    private static double median(double[] of) {
        double[] sorted = of.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }

    public static void main(String[] args) throws IOException {
        String report = """
                # What the estimate of a rider is worth

                Written by `./wren bench progress`: %d simulated riders of each sort, the same seeds each time. Nobody real
                was measured.

                ## After %d runs to one side, on three days a week apart

                Five runs at a rung; four clean of them go a step on, one or none a step back. *Last width passed* is the
                smallest rung passed so, as an instructor remembers it. Errors are of the difficulty ridden clean four times
                in five, in difficulty: two sizes lie 0.05 to 0.1 apart.

                | Riders | 90 %% band holds the truth | Mean width of the band | Mean error of the estimate | of the last width passed | |
                |---|---:|---:|---:|---:|---:|
                """.formatted(RIDERS, RUNS)
                + estimates("plain logistic, changing between days", ProgressReport::logistic)
                + estimates("virtual riders, who learn with every run", ProgressReport::virtual)
                + """

                ## Runs until a level is reached

                How riders learn is not known, so here are three models of it: a run teaches most where so many in 100 are
                clean, and nothing where it is sure to succeed or to fail. Fixed steps as above, against one step at most
                towards the rung whose chance of a clean run lies nearest to 75 in 100. Proposals save runs only where riders
                learn more from clean runs than from spoilt ones; where every spoilt run taught as much, pushing on would be
                faster. What is aimed at is therefore the instructor's to set.

                | Most is learnt at | Difficulty reached | Fixed steps, mean runs | Proposals, mean runs | Fixed steps, median | Proposals, median | Riders with fewer |
                |---:|---:|---:|---:|---:|---:|---:|
                """
                + Stream.of(1, 3, 6)
                        .flatMap(k -> Stream.of(0.6, 0.75).map(level -> saved(level, k)))
                        .collect(Collectors.joining());
        Files.createDirectories(Path.of(args[0]).toAbsolutePath().getParent());
        Files.writeString(Path.of(args[0]), report);
        System.out.print(report);
    }
}
