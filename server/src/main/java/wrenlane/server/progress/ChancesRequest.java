package wrenlane.server.progress;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import wrenlane.machine.Side;

/**
 * Riders on a course that need not be stored.
 *
 * @param kind of course
 */
record ChancesRequest(
        @NotNull String kind, @NotNull @Size(max = 60) List<@NotNull @Valid ChanceRider> riders) {
    /**
     * A rider.
     *
     * @param difficulty of the course as it is set, on the machine ridden, by side; at least one
     */
    record ChanceRider(
            @NotNull Long riderId,

            @NotNull @Size(min = 1, max = 2)
            Map<Side, @NotNull @DecimalMin("0.01") @DecimalMax("10") Double> difficulty) {}
}
