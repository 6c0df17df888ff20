package wrenlane.server.people.rider;

import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wrenlane.finding.TypedText;
import wrenlane.id.MachineId;
import wrenlane.id.RiderId;
import wrenlane.rider.Reach;
import wrenlane.rider.Rider;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.RidingMethod;
import wrenlane.server.platform.version.Edition;

/** A row of the rider table. */
record RiderRow(
        @Nullable Long id,
        @Nullable Long version,
        String name,
        String level,
        String school,
        @Nullable Double mostLeanRadians,
        @Nullable Long machineId,
        @Nullable String reach,
        String notes,
        Boolean archived) {
    static RiderRow of(@Nullable Long id, RiderRequest r) {
        return new RiderRow(
                id,
                null,
                TypedText.line(r.name()),
                r.level().name(),
                r.school().name(),
                r.mostLeanRadians(),
                r.machineId(),
                r.reach() == null ? null : r.reach().name(),
                r.notes(),
                false);
    }

    Rider rider() {
        return new Rider(
                new RiderId(Objects.requireNonNull(id)),
                name,
                RiderLevel.valueOf(level),
                RidingMethod.valueOf(school),
                Optional.ofNullable(mostLeanRadians),
                Optional.ofNullable(machineId).map(MachineId::new),
                Optional.ofNullable(reach).map(Reach::valueOf),
                notes,
                archived);
    }

    Edition<Rider> edition() {
        return new Edition<>(Objects.requireNonNull(version), rider());
    }
}
