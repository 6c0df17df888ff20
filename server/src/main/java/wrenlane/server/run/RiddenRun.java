package wrenlane.server.run;

import java.util.Optional;
import java.util.Set;
import wrenlane.course.Course;
import wrenlane.run.RunRecord;

/**
 * A run with the course it was ridden on.
 *
 * @param course as it was set then, first turned to the run's side
 */
public record RiddenRun(RunResponse run, Course course) {
    /** For the core to reckon with. */
    public RunRecord record(Optional<Double> tightness) {
        return new RunRecord(run.side(), run.settingMetres(), tightness, Set.copyOf(run.faults()), run.loggedAt());
    }
}
