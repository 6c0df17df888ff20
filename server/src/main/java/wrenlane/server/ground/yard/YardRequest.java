package wrenlane.server.ground.yard;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;
import wrenlane.server.platform.http.VisibleText;
import wrenlane.server.platform.length.CalibrationJson;
import wrenlane.yard.Yard;

/**
 * A yard as a person describes it.
 *
 * @param pace this instructor's pace, if walked here
 * @param bay the painted bays, if taped
 */
public record YardRequest(
        @VisibleText @Size(max = 80) String name,
        @NotNull @Valid GroundJson ground,
        @NotNull @Size(max = 2000) String notes,
        @Valid @Nullable CalibrationJson pace,
        @Valid @Nullable CalibrationJson bay) {

    /** To the core, or refused with what is wrong. */
    public Yard yard() {
        CalibrationJson.calibrations(pace, bay);
        return ground.yard();
    }
}
