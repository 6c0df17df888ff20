package wrenlane.server.people.rider;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;
import wrenlane.rider.Reach;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.RidingMethod;
import wrenlane.server.platform.http.VisibleText;

/**
 * A rider as a person describes them.
 *
 * @param machineId the machine usually ridden, if there is one
 * @param mostLeanRadians most lean they use at walking pace, 5° to 45°; that of the level where missing
 * @param reach how far the feet come to the ground on it; missing where nobody looked
 */
public record RiderRequest(
        @VisibleText @Size(max = 80) String name,
        @NotNull RiderLevel level,
        @NotNull RidingMethod school,

        @Nullable @DecimalMin(LeanLimit.LEAST) @DecimalMax(LeanLimit.GREATEST)
        Double mostLeanRadians,

        @Nullable Long machineId,
        @Nullable Reach reach,
        @NotNull @Size(max = 2000) String notes) {}
