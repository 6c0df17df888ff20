package wrenlane.run;

import java.util.Optional;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.course.CourseSettings;
import wrenlane.id.CourseId;
import wrenlane.machine.Side;

/**
 * A course as a run found it. Changing the course later never rewrites the past.
 *
 * @param courseName its name then
 * @param sizeMetres the size ridden, in metres, above 0 and below 1000
 * @param course as it was set then, at that size
 */
public record CourseRide(CourseId courseId, String courseName, double sizeMetres, Course course) {
    public CourseRide {
        if (!(sizeMetres > 0 && sizeMetres < 1000)) {
            throw new IllegalArgumentException("sizeMetres is " + sizeMetres + " m; it lies between 0 and 1000 m");
        }
    }

    /**
     * A ride of a course at a size, to a side. The size stays also where the course cannot stand at it.
     *
     * @param side turned to first; empty where it has none
     */
    public static CourseRide of(CourseId id, String courseName, double sizeMetres, Course course, Optional<Side> side) {
        return new CourseRide(
                id,
                courseName,
                sizeMetres,
                courseAt(sizeMetres, course.kind(), course.settings(), side.orElse(course.firstTurn())));
    }

    /** A course at a size; as its kind is set as a rule where it cannot stand at that size with these settings. */
    public static Course courseAt(double sizeMetres, CourseKind kind, CourseSettings settings, Side side) {
        CourseSettings sized = settings.with(kind.ladder(), sizeMetres);
        return sized.check(kind).isEmpty() ? new Course(kind, sized, side) : Course.standard(kind);
    }
}
