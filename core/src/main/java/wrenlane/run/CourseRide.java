package wrenlane.run;

import wrenlane.course.Course;
import wrenlane.id.CourseId;

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
}
