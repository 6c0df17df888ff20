package wrenlane.server.ground.placement;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.RiderLimits;
import wrenlane.server.ground.placement.GroundPlanRequest.PlacedCourse;
import wrenlane.server.people.rider.LeanLimit;

/**
 * Courses that stand in one another, and who would ride them.
 *
 * @param yardId the yard they stand on, for its grip
 * @param rides machine and level of everybody; those alike once
 */
record OverlapRequest(
        @NotNull Long yardId,
        @NotNull @Size(max = 20) List<@NotNull @Valid PlacedCourse> courses,
        @NotNull @Size(max = 60) List<@NotNull @Valid OverlapRider> rides) {
    /** One machine with a rider of a level, who uses so much lean at most; as much as the level does where missing. */
    record OverlapRider(
            @NotNull Long machineId,
            @NotNull RiderLevel level,

            @Nullable @DecimalMin(LeanLimit.LEAST) @DecimalMax(LeanLimit.GREATEST)
            Double mostLeanRadians) {
        RiderLimits limits() {
            return LeanLimit.limits(level, mostLeanRadians);
        }
    }
}
