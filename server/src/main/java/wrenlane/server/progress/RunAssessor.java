package wrenlane.server.progress;

import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.Optional;
import wrenlane.course.Course;
import wrenlane.machine.MachineTurn;
import wrenlane.run.AssessedRun;
import wrenlane.run.CourseRide;
import wrenlane.run.Run;
import wrenlane.server.course.difficulty.CourseDifficulty;
import wrenlane.verdict.Difficulty;

/**
 * Finds how hard runs were, on the machines they were ridden on. Many runs share a course, whose difficulty is looked up once.
 * For one thread.
 */
public final class RunAssessor {
    private final CourseDifficulty difficulty;
    private final Map<Long, MachineTurn> turns;
    private final Map<Course, Map<Long, Difficulty>> found = new IdentityHashMap<>();

    /** @param turns of the machines ridden, by id; the difficulty of a run on another machine is not known */
    public RunAssessor(CourseDifficulty difficulty, Map<Long, MachineTurn> turns) {
        this.difficulty = difficulty;
        this.turns = turns;
    }

    /** A run with its difficulty; empty where it has none, or its machine is not known. */
    public AssessedRun assess(Run run) {
        return new AssessedRun(run, run.ride().flatMap(ride -> difficulty(run, ride)));
    }

    private Optional<Double> difficulty(Run run, CourseRide ride) {
        long machineId = run.machineId().value();
        MachineTurn turn = turns.get(machineId);
        return turn == null
                ? Optional.empty()
                : found.computeIfAbsent(ride.course(), c -> new HashMap<>())
                        .computeIfAbsent(
                                machineId,
                                id -> difficulty.of(
                                        ride.course(), turn, run.sideOfCourse().orElseThrow()))
                        .at(ride.sizeMetres());
    }

    /** Whether that is known without a calculation; where it is not, it is calculated in the background. */
    boolean isKnown(Run run) {
        MachineTurn turn = turns.get(run.machineId().value());
        return turn == null
                || run.ride()
                        .map(ride -> difficulty.isKnown(
                                ride.course(), turn, run.sideOfCourse().orElseThrow()))
                        .orElse(true);
    }
}
