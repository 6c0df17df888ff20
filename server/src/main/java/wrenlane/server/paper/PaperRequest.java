package wrenlane.server.paper;

import org.jspecify.annotations.Nullable;
import wrenlane.server.setout.SetOutRequest.AlongLine;
import wrenlane.server.setout.SetOutRequest.YardLine;
import wrenlane.units.LengthSystem;

/**
 * How something is put on paper, as the address says.
 *
 * @param dayId the day whose yard it stands on
 * @param along the line to measure from; from the course's own corner where missing
 */
record PaperRequest(
        @Nullable Long dayId,
        LengthSystem system,
        Paper paper,
        @Nullable AlongLine along) {
    static PaperRequest of(
            @Nullable Long dayId,
            LengthSystem system,
            Paper paper,
            @Nullable YardLine line,
            int number,
            boolean fromItsEnd) {
        return new PaperRequest(dayId, system, paper, line == null ? null : new AlongLine(line, number, fromItsEnd));
    }
}
