package wrenlane.server.ground.setup;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;
import wrenlane.server.course.CourseSetup;
import wrenlane.server.ground.placement.PlacementJson;
import wrenlane.units.LengthSystem;

/**
 * A course to set out, with figures rounded for a tape in one system.
 *
 * @param laid the course with the settings it stands at
 * @param yardId the yard, for its sides, and for its pace and bays
 * @param stand where the course stands on it; from its own corner where missing
 * @param along the line of the yard to measure from; from the course's own corner where missing
 */
public record SetupRequest(
        @NotNull @Valid CourseSetup laid,
        @NotNull LengthSystem system,
        @Nullable Long yardId,
        @Valid @Nullable PlacementJson stand,
        @Valid @Nullable AlongLine along) {
    /**
     * A line of the yard as a baseline.
     *
     * @param number of the side, 0 for AB, or of the row of bays
     * @param fromItsEnd whether the tape starts at a side's second corner
     */
    public record AlongLine(
            @NotNull YardLine line,
            @NotNull Integer number,
            @NotNull Boolean fromItsEnd) {}

    /** What a tape can be laid along. */
    public enum YardLine {
        SIDE,
        BAY_ROW
    }
}
