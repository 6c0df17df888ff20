package wrenlane.server.people.rider;

import org.jspecify.annotations.Nullable;
import wrenlane.finding.TypedText;
import wrenlane.rider.Reach;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.School;

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

    RiderResponse response() {
        return new RiderResponse(
                id == null ? 0 : id,
                version == null ? 0 : version,
                name,
                RiderLevel.valueOf(level),
                School.valueOf(school),
                mostLeanRadians,
                machineId,
                reach == null ? null : Reach.valueOf(reach),
                notes,
                archived);
    }
}
