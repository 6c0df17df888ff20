package wrenlane.bench.lesson;

import ai.timefold.solver.core.api.score.buildin.hardsoftlong.HardSoftLongScore;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.solver.SolverConfig;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import wrenlane.drill.DrillMastery.State;
import wrenlane.drill.Stage;
import wrenlane.lesson.LessonBrief;
import wrenlane.lesson.LessonPlanner;
import wrenlane.lesson.RiderTask;
import wrenlane.lesson.Station;
import wrenlane.lesson.Weather;

/**
 * Twenty lessons drawn at random, planned by the core's own planner and by a kept solver library (Timefold: construction
 * heuristic and late acceptance) that chooses stations and minutes and has the core lay them out.
 */
final class LessonSolvers {
    private static final int LESSONS = 20;
    private static final List<Integer> SECONDS = List.of(1, 5);

    private LessonSolvers() {}

    public static void main(String[] args) {
        for (long seed = 0; seed < LESSONS; seed++) {
            LessonPlanner.plan(brief(seed));
        }
        double[] shares = new double[SECONDS.size()];
        int[] fewerBroken = new int[SECONDS.size()];
        int[] moreBroken = new int[SECONDS.size()];
        double milliseconds = 0;
        for (long seed = 0; seed < LESSONS; seed++) {
            LessonBrief brief = brief(seed);
            long from = System.nanoTime();
            HardSoftLongScore own = Worth.of(brief, LessonPlanner.plan(brief));
            double took = (System.nanoTime() - from) / 1e6;
            milliseconds += took / LESSONS;
            StringBuilder line = new StringBuilder(String.format(
                    "%2d: %2d riders, %3d min, %d areas: own %s in %.0f ms",
                    seed, brief.riders().size(), brief.minutes(), brief.watchedAreas(), own, took));
            for (int i = 0; i < SECONDS.size(); i++) {
                HardSoftLongScore solved = solved(brief, SECONDS.get(i));
                line.append(String.format("; solver in %d s %s", SECONDS.get(i), solved));
                shares[i] += (double) solved.softScore() / own.softScore() / LESSONS;
                fewerBroken[i] += solved.hardScore() > own.hardScore() ? 1 : 0;
                moreBroken[i] += solved.hardScore() < own.hardScore() ? 1 : 0;
            }
            System.out.println(line);
        }
        for (int i = 0; i < SECONDS.size(); i++) {
            System.out.printf(
                    "Solver with %d s: %.3f of the worth of the own planner's (%.0f ms), fewer rules broken in %d, more in %d%n",
                    SECONDS.get(i), shares[i], milliseconds, fewerBroken[i], moreBroken[i]);
        }
    }

    private static HardSoftLongScore solved(LessonBrief brief, int seconds) {
        SolverConfig config = new SolverConfig()
                .withSolutionClass(Order.class)
                .withEntityClasses(Slot.class)
                .withEasyScoreCalculatorClass(Worth.class)
                .withRandomSeed(1L)
                .withTerminationSpentLimit(Duration.ofSeconds(seconds));
        Order order = SolverFactory.<Order>create(config).buildSolver().solve(new Order(brief));
        return order.getScore();
    }

    private static LessonBrief brief(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<String> riders = IntStream.rangeClosed(1, 1 + random.nextInt(12))
                .mapToObj(i -> "r" + i)
                .toList();
        List<Station> stations = new ArrayList<>();
        int courses = 2 + random.nextInt(6);
        for (int i = 0; i <= courses; i++) {
            Map<String, RiderTask> tasks = new LinkedHashMap<>();
            String drill = "drill" + i;
            Stage stage = Stage.values()[random.nextInt(6)];
            int longest = 4 + random.nextInt(8);
            for (String rider : riders) {
                State state =
                        List.of(State.WORKING_ON, State.NEXT, State.MASTERED).get(random.nextInt(3));
                tasks.put(rider, new RiderTask(drill, "Drill", "Cue", stage, state, random.nextBoolean(), longest));
            }
            Station.SetupMinutes laying = i == 0
                    ? Station.SetupMinutes.NONE
                    : new Station.SetupMinutes(2 + random.nextInt(6), 1 + random.nextInt(2));
            boolean stands = i == 0 || random.nextBoolean();
            stations.add(new Station(
                    i == 0 ? Station.OPEN : "course" + i, "S" + i, laying, stands, 20 + random.nextInt(40), tasks));
        }
        return new LessonBrief(
                60 + 15 * random.nextInt(13),
                riders,
                stations,
                1 + random.nextInt(3),
                random.nextInt(3),
                Weather.values()[random.nextInt(3)],
                List.of());
    }
}
