package wrenlane.units;

import java.util.Optional;

/**
 * What the yard knows of this instructor's pace and its own painted bays.
 *
 * @param pace length of one pace, if walked
 * @param bay width of one bay, if taped
 */
public record Calibrations(Optional<Calibration> pace, Optional<Calibration> bay) {
    /** Neither pace nor bay known yet. */
    public static final Calibrations NONE = new Calibrations(Optional.empty(), Optional.empty());
}
