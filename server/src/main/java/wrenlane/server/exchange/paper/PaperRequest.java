package wrenlane.server.exchange.paper;

import org.jspecify.annotations.Nullable;
import wrenlane.rider.RiderLimits;
import wrenlane.server.ground.setup.SetupRequest.AlongLine;
import wrenlane.server.ground.setup.SetupRequest.YardLine;
import wrenlane.units.Figures;

/**
 * How something is put on paper, as the address says.
 *
 * @param dayId the day whose yard it stands on
 * @param rider whose marks to ride by stand on it; none where missing
 * @param along the line to measure from; from the course's own corner where missing
 */
record PaperRequest(
        @Nullable Long dayId,
        Figures figures,
        Paper paper,
        @Nullable Rider rider,
        @Nullable AlongLine along) {
    /** A machine and what its rider can do. */
    record Rider(long machineId, RiderLimits limits) {}

    static PaperRequest of(
            @Nullable Long dayId,
            Figures figures,
            Paper paper,
            @Nullable Long machineId,
            RiderLimits limits,
            @Nullable YardLine line,
            int number,
            boolean fromItsEnd) {
        return new PaperRequest(
                dayId,
                figures,
                paper,
                machineId == null ? null : new Rider(machineId, limits),
                line == null ? null : new AlongLine(line, number, fromItsEnd));
    }
}
