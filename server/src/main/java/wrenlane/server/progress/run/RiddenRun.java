package wrenlane.server.progress.run;

import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import wrenlane.course.Course;
import wrenlane.machine.Side;
import wrenlane.run.RunRecord;

/**
 * A run with the course it was ridden on.
 *
 * @param course as it was set then, first turned to the run's side
 */
public record RiddenRun(RunResponse run, Course course) {
    /** The side turned to; where it is ridden straight on, the course's first. */
    public Side side() {
        return Objects.requireNonNullElse(run.side(), course.firstTurn());
    }

    /** The size ridden, in metres. */
    public double sizeMetres() {
        return Objects.requireNonNull(run.settingMetres(), "a run on a course has a size");
    }

    /** Number of the course. */
    public long courseId() {
        return Objects.requireNonNull(run.courseId(), "a run on a course has its number");
    }

    /**
     * For the core to reckon with.
     *
     * @param known difficulty of its size on its machine; missing where there is none, or it is not asked for
     */
    public RunRecord record(Optional<Double> known) {
        return new RunRecord(side(), sizeMetres(), known, Set.copyOf(run.faults()), run.loggedAt());
    }
}
