package wrenlane.server.ground.placement;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.course.NestedCourse;

/**
 * Courses to stand on a yard at once.
 *
 * @param novices whether anybody who rides is one
 */
record GroundPlanRequest(
        @NotNull Long yardId,
        @NotNull @Size(max = 20) List<@NotNull @Valid PlacedCourse> courses,
        @NotNull Boolean novices) {
    /**
     * A course, and where it stands if it does.
     *
     * @param activeSizes settings it stands at, in metres; as it is set where missing or empty
     */
    record PlacedCourse(
            @NotNull Long courseId,
            @Valid @Nullable PlacementJson stand,
            @Nullable @Size(max = NestedCourse.MOST) List<@NotNull Double> activeSizes) {}
}
