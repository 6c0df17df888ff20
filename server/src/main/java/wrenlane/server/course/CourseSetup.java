package wrenlane.server.course;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.course.Course;
import wrenlane.course.NestedCourse;
import wrenlane.finding.Checks;
import wrenlane.server.platform.problem.RefusedException;

/**
 * A course as its cones are laid.
 *
 * @param activeSizes settings of its ladder that it stands at, in metres; as it is set where missing or empty
 */
public record CourseSetup(
        @NotNull @Valid CourseRequest course,
        @Nullable @Size(max = NestedCourse.MOST) List<@NotNull Double> activeSizes) {

    /** To the core, or refused with everything that is wrong. */
    public NestedCourse nested() {
        return nested(course.course(), activeSizes);
    }

    /** A course at some sizes, or refused with everything that is wrong. */
    public static NestedCourse nested(Course of, @Nullable List<Double> activeSizes) {
        List<Double> settings = activeSizes == null ? List.of() : activeSizes;
        RefusedException.unlessNone(new Checks().addAll(NestedCourse.check(of, settings)));
        return NestedCourse.of(of, settings);
    }
}
