package wrenlane.server.people.machine;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import wrenlane.machine.MeasuredCircle;
import wrenlane.machine.Posture;
import wrenlane.machine.Side;
import wrenlane.server.platform.length.LengthJson;

/**
 * A measured full-lock circle.
 *
 * @param diameter outer edge of the front tyre's track, edge to edge
 */
public record CircleJson(
        @NotNull Side side,
        @NotNull Posture posture,
        @NotNull @Valid LengthJson diameter) {
    MeasuredCircle circle() {
        return new MeasuredCircle(side, posture, diameter.measured("circle-" + posture + "-" + side));
    }
}
