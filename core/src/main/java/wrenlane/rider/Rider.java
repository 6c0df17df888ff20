package wrenlane.rider;

import java.util.Optional;
import wrenlane.id.MachineId;
import wrenlane.id.RiderId;

/**
 * Somebody who is taught.
 *
 * @param mostLeanRadians most lean they use at walking pace; empty where it is that of the level
 * @param machineId the machine they usually ride
 * @param reach how far the feet come to the ground on that machine; empty where nobody looked
 * @param archived true for a rider who is no longer taught
 */
public record Rider(
        RiderId id,
        String name,
        RiderLevel level,
        RidingMethod school,
        Optional<Double> mostLeanRadians,
        Optional<MachineId> machineId,
        Optional<Reach> reach,
        String notes,
        boolean archived) {

    /** What they can ask of a machine and of themselves: estimates. */
    public RiderLimits limits() {
        return level.limits(mostLeanRadians);
    }
}
