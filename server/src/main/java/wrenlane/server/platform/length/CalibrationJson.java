package wrenlane.server.platform.length;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wrenlane.finding.Checks;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.units.Calibration;
import wrenlane.units.Calibrations;

/**
 * A counted number of paces or bays along a taped stretch.
 *
 * @param count how many
 * @param taped how long all of them are
 */
public record CalibrationJson(
        @Schema(minimum = "0.5", maximum = "500") @NotNull Double count,
        @NotNull @Valid LengthJson taped) {
    private Calibration calibration(String where) {
        RefusedException.unlessNone(
                new Checks().add(Checks.range(where, "The count", count, 0.5, Calibration.MAX_COUNT, "")));
        return new Calibration(count, taped.measured(where));
    }

    /** To the core; either may be missing. */
    public static Calibrations calibrations(@Nullable CalibrationJson pace, @Nullable CalibrationJson bay) {
        return new Calibrations(
                Optional.ofNullable(pace).map(p -> p.calibration("pace")),
                Optional.ofNullable(bay).map(b -> b.calibration("bay")));
    }
}
