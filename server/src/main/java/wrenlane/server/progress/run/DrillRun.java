package wrenlane.server.progress.run;

import java.util.Optional;
import wrenlane.course.Course;
import wrenlane.drill.DrillRuns;

/**
 * A run as far as it counts for drills.
 *
 * @param course as it was set then, first turned to the run's side; missing where it was ridden on none
 */
public record DrillRun(RunResponse run, Optional<Course> course) {
    /** A run on a course. */
    public static DrillRun of(RiddenRun ridden) {
        return new DrillRun(ridden.run(), Optional.of(ridden.course()));
    }

    /**
     * For the core to judge.
     *
     * @param difficulty of the size ridden on its machine; missing without a course, and on kinds ridden straight on
     */
    public DrillRuns.Ridden ridden(Optional<Double> difficulty) {
        return new DrillRuns.Ridden(
                Optional.ofNullable(run.side()), difficulty, run.faults().isEmpty(), course, run.detail());
    }
}
