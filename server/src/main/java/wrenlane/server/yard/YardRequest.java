package wrenlane.server.yard;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;
import wrenlane.finding.Checks;
import wrenlane.server.http.RefusedException;
import wrenlane.server.length.CalibrationJson;
import wrenlane.server.length.LengthJson;
import wrenlane.yard.Surface;
import wrenlane.yard.Yard;

/**
 * A yard as a person describes it.
 *
 * @param length the longer way of the usable rectangle
 * @param width across it
 * @param fallPercent 0 to 15
 * @param pace this instructor's pace, if walked here
 * @param bay the painted bays, if taped
 */
public record YardRequest(
        @NotBlank @Size(max = 80) String name,
        @NotNull @Valid LengthJson length,
        @NotNull @Valid LengthJson width,
        @NotNull Surface surface,
        @NotNull Double fallPercent,
        @NotNull @Size(max = 2000) String notes,
        @Valid @Nullable CalibrationJson pace,
        @Valid @Nullable CalibrationJson bay) {

    /** To the core, or refused with what is wrong. */
    Yard yard() {
        RefusedException.unlessNone(
                new Checks().add(Checks.range("fallPercent", "The fall", fallPercent, 0, Yard.MAX_FALL_PERCENT, "%")));
        CalibrationJson.calibrations(pace, bay);
        return new Yard(length.measured("length"), width.measured("width"), surface, fallPercent);
    }
}
