package wrenlane.server.people.rider;

import org.jspecify.annotations.Nullable;
import wrenlane.rider.Reach;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.RiderLimits;
import wrenlane.rider.School;
import wrenlane.server.platform.http.Versioned;

/**
 * A rider as stored.
 *
 * @param mostLeanRadians most lean they use at walking pace; that of the level where missing
 * @param reach how far the feet come to the ground on the usual machine; missing where nobody looked
 * @param archived whether they come no more, and are offered nowhere
 */
public record RiderResponse(
        long id,
        long version,
        String name,
        RiderLevel level,
        School school,
        @Nullable Double mostLeanRadians,
        @Nullable Long machineId,
        @Nullable Reach reach,
        String notes,
        boolean archived)
        implements Versioned {
    /** What they can ask of the machine and of themselves: estimates. */
    public RiderLimits limits() {
        return MostLean.limits(level, mostLeanRadians);
    }
}
