package wrenlane.server.people.rider;

import org.jspecify.annotations.Nullable;
import wrenlane.id.MachineId;
import wrenlane.rider.Reach;
import wrenlane.rider.Rider;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.RidingMethod;
import wrenlane.server.platform.http.VersionedResource;
import wrenlane.server.platform.version.Edition;

/**
 * A rider as stored.
 *
 * @param mostLeanRadians most lean they use at walking pace; that of the level where missing
 * @param reach how far the feet come to the ground on the usual machine; missing where nobody looked
 * @param archived whether they come no more, and are offered nowhere
 */
record RiderResponse(
        long id,
        long version,
        String name,
        RiderLevel level,
        RidingMethod school,
        @Nullable Double mostLeanRadians,
        @Nullable Long machineId,
        @Nullable Reach reach,
        String notes,
        boolean archived)
        implements VersionedResource {
    static RiderResponse of(Edition<Rider> stored) {
        Rider rider = stored.value();
        return new RiderResponse(
                rider.id().value(),
                stored.version(),
                rider.name(),
                rider.level(),
                rider.school(),
                rider.mostLeanRadians().orElse(null),
                rider.machineId().map(MachineId::value).orElse(null),
                rider.reach().orElse(null),
                rider.notes(),
                rider.archived());
    }
}
