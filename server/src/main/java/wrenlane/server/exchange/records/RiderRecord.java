package wrenlane.server.exchange.records;

import org.jspecify.annotations.Nullable;
import wrenlane.id.MachineId;
import wrenlane.rider.Reach;
import wrenlane.rider.Rider;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.RidingMethod;
import wrenlane.server.platform.version.Edition;

/**
 * A rider in the file of their records.
 *
 * @param mostLeanRadians most lean they use at walking pace; missing where it is that of the level
 * @param machineId the machine they usually ride
 */
record RiderRecord(
        long id,
        long version,
        String name,
        RiderLevel level,
        RidingMethod school,
        @Nullable Double mostLeanRadians,
        @Nullable Long machineId,
        @Nullable Reach reach,
        String notes,
        boolean archived) {
    static RiderRecord of(Edition<Rider> stored) {
        Rider rider = stored.value();
        return new RiderRecord(
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
