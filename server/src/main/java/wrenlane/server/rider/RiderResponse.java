package wrenlane.server.rider;

import org.jspecify.annotations.Nullable;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.School;

/** A rider as stored. */
public record RiderResponse(
        long id,
        String name,
        RiderLevel level,
        School school,
        @Nullable Long machineId,
        String notes) {}
