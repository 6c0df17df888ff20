package wrenlane.server.paper;

import org.jspecify.annotations.Nullable;
import wrenlane.server.setout.SetOutRequest.AlongSide;
import wrenlane.units.LengthSystem;

/**
 * How something is put on paper, as the address says.
 *
 * @param dayId the day whose yard it stands on
 * @param along the side to measure from; from the course's own corner where missing
 */
record PaperRequest(
        @Nullable Long dayId,
        LengthSystem system,
        Paper paper,
        @Nullable AlongSide along) {
    static PaperRequest of(
            @Nullable Long dayId, LengthSystem system, Paper paper, @Nullable Integer side, boolean fromItsEnd) {
        return new PaperRequest(dayId, system, paper, side == null ? null : new AlongSide(side, fromItsEnd));
    }
}
