package wrenlane.day;

import java.util.List;
import java.util.Optional;
import wrenlane.course.NestedCourse;
import wrenlane.id.CourseId;
import wrenlane.yard.CoursePlacement;

/**
 * A course of a day.
 *
 * @param placement where it lies on the yard from the start; empty where it is set up after another
 * @param activeSizesMetres sizes it is set up at, the widest first, at most {@link NestedCourse#MOST}; empty where it is set
 *     up as the course itself says
 */
public record DayCourse(CourseId courseId, Optional<CoursePlacement> placement, List<Double> activeSizesMetres) {
    public DayCourse {
        activeSizesMetres = List.copyOf(activeSizesMetres);
        if (activeSizesMetres.size() > NestedCourse.MOST) {
            throw new IllegalArgumentException("activeSizesMetres holds " + activeSizesMetres.size()
                    + " sizes; a course is set up at " + NestedCourse.MOST + " at most");
        }
    }
}
