package wrenlane.server.course;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.rider.RiderLevel;

/**
 * A course to reckon, with those who would ride it. Machines are given by their ids; riders by their level, so that a
 * machine can be tried before anybody is on the list.
 *
 * @param course the box
 * @param pairs machine and level of everyone to reckon for; the first is drawn
 * @param yardId the yard it would stand on, for its cautions
 */
record EvaluationRequest(
        @NotNull @Valid CourseRequest course,
        @NotNull @Size(max = 60) List<@NotNull @Valid Pair> pairs,
        @Nullable Long yardId) {
    /** One machine with a rider of a level. */
    record Pair(@NotNull Long machineId, @NotNull RiderLevel level) {}
}
