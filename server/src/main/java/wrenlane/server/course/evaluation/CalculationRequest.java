package wrenlane.server.course.evaluation;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.RiderLimits;
import wrenlane.server.course.CourseRequest;
import wrenlane.server.people.rider.LeanLimit;
import wrenlane.verdict.LineChoice;

/**
 * A course and a machine to compute with. Nothing of it is stored.
 *
 * @param course as it is set
 * @param machineId the machine; missing where only the plan is wanted
 * @param level of the rider
 * @param mostLeanRadians most lean the rider uses; that of the level where missing
 * @param ground how it is ridden; on firm ground where missing
 * @param speedMetresPerSecond where missing, the speed the course is judged at
 * @param yardId the yard it would stand on, for its grip and its cautions
 * @param line the one line wanted, for a drawing that has to be quick; all where missing
 * @param settled whether nothing is being dragged any more: then how far out the room may be is computed too
 */
public record CalculationRequest(
        @NotNull @Valid CourseRequest course,
        @Nullable Long machineId,
        @NotNull RiderLevel level,

        @Nullable @DecimalMin(LeanLimit.LEAST) @DecimalMax(LeanLimit.GREATEST)
        Double mostLeanRadians,

        @Nullable Ground ground,
        @Nullable @DecimalMin("0.3") @DecimalMax("10") Double speedMetresPerSecond,
        @Nullable Long yardId,
        @Nullable LineChoice line,
        @NotNull Boolean settled) {
    RiderLimits limits() {
        return LeanLimit.limits(level, mostLeanRadians);
    }

    /** How it is ridden. */
    public enum Ground {
        /** Body in line. */
        FIRM,
        /** Body held out, walking pace. */
        LOOSE
    }
}
