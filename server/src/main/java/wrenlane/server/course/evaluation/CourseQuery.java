package wrenlane.server.course.evaluation;

import org.jspecify.annotations.Nullable;
import wrenlane.course.Course;
import wrenlane.riding.Ride;
import wrenlane.server.platform.calculation.Weights;

/**
 * A course and who rides it: what answers are kept for.
 *
 * @param speedMetresPerSecond where missing, the speed the course is judged at
 */
public record CourseQuery(
        Course course, Ride ride, @Nullable Double speedMetresPerSecond) {
    /** At the speed the course is judged at. */
    public CourseQuery(Course course, Ride ride) {
        this(course, ride, null);
    }

    /** Memory it takes as a key, in bytes: an estimate. */
    public int bytes() {
        return Weights.of(course);
    }
}
