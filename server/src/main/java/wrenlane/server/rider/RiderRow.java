package wrenlane.server.rider;

import org.jspecify.annotations.Nullable;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.School;

/** A row of the rider table. */
record RiderRow(
        @Nullable Long id,
        String name,
        String level,
        String school,
        @Nullable Long machineId,
        String notes) {
    static RiderRow of(@Nullable Long id, RiderRequest r) {
        return new RiderRow(id, r.name().strip(), r.level().name(), r.school().name(), r.machineId(), r.notes());
    }

    RiderResponse response() {
        return new RiderResponse(
                id == null ? 0 : id, name, RiderLevel.valueOf(level), School.valueOf(school), machineId, notes);
    }
}
