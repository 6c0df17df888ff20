package wrenlane.server.imports;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import wrenlane.machine.Posture;
import wrenlane.machine.Side;
import wrenlane.machine.Transmission;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.School;
import wrenlane.server.kit.KitJson;
import wrenlane.server.machine.FigureJson;
import wrenlane.server.placing.StandJson;
import wrenlane.server.yard.GroundJson.BayRowJson;
import wrenlane.server.yard.GroundJson.EntranceJson;
import wrenlane.server.yard.GroundJson.ObstacleJson;
import wrenlane.yard.Corner;
import wrenlane.yard.Surface;

/**
 * The open format of a set of days, version 3. Things refer to one another by keys that hold within the file; lengths
 * are written as a person says them.
 *
 * @param format {@link #FORMAT}
 */
public record ImportDocument(
        @NotBlank String format,
        @Valid @Nullable KitJson kit,
        @NotNull @Size(max = 50) List<@NotNull @Valid YardItem> yards,
        @NotNull @Size(max = 200) List<@NotNull @Valid MachineItem> machines,
        @NotNull @Size(max = 500) List<@NotNull @Valid RiderItem> riders,
        @NotNull @Size(max = 200) List<@NotNull @Valid CourseItem> courses,
        @NotNull @Size(max = 500) List<@NotNull @Valid DayItem> days,
        @Size(max = 500) @Nullable List<@NotNull @Valid VirtualRiderItem> virtualRiders) {

    /** Name and version of the format. */
    public static final String FORMAT = "wren-lane-days/3";

    /** Paces or bays counted along a taped stretch. */
    public record CalibrationItem(
            @NotNull Double count, @NotBlank String taped) {}

    /** A yard. */
    public record YardItem(
            @NotBlank String key,
            @NotBlank String name,
            @NotNull @Valid GroundItem ground,
            @Nullable String notes,
            @Valid @Nullable CalibrationItem pace,
            @Valid @Nullable CalibrationItem bay) {}

    /** A yard's ground as measured; what is not given is not there. */
    public record GroundItem(
            @NotNull @Valid OutlineItem outline,
            @NotNull Surface surface,
            @NotNull Double fallPercent,
            @Nullable Double fallTowardsRadians,
            @Nullable List<@NotNull @Valid ObstacleJson> obstacles,
            @Nullable List<@NotNull @Valid BayRowJson> bayRows,
            @Valid @Nullable EntranceJson entrance) {}

    /** An outline side by side; all corners are square where they are not given. */
    public record OutlineItem(
            @NotNull @Size(min = 3, max = 16) List<@NotBlank String> sides,
            @Nullable List<@NotNull Corner> corners,
            @Nullable List<@NotNull @Valid DiagonalItem> diagonals) {}

    /** A length from corner to corner, 0 for A. */
    public record DiagonalItem(
            @NotNull Integer from,
            @NotNull Integer to,
            @NotBlank String length) {}

    /** A measured full-lock circle. */
    public record CircleItem(
            @NotNull Side side,
            @NotNull Posture posture,
            @NotBlank String diameter) {}

    /** A machine; figures not given are typical of its class. */
    public record MachineItem(
            @NotBlank String key,
            @NotBlank String name,
            @NotBlank String classId,
            @NotNull Transmission transmission,
            @Nullable List<@NotNull @Valid FigureJson> figures,
            @Nullable List<@NotNull @Valid CircleItem> circles) {}

    /** A rider; {@code machine} is a key. */
    public record RiderItem(
            @NotBlank String key,
            @NotBlank String name,
            @NotNull RiderLevel level,
            @NotNull School school,
            @Nullable String machine,
            @Nullable String notes) {}

    /** A course; what is not given is as its kind has it. */
    public record CourseItem(
            @NotBlank String key,
            @NotBlank String name,
            @NotBlank String kind,
            @Nullable @Size(max = 12) Map<String, @NotBlank String> lengths,
            @Nullable @Size(max = 12) Map<String, @NotNull Integer> counts,
            @Nullable @Size(max = 12) Map<String, @NotBlank String> options,
            @NotNull Side firstTurn) {}

    /** Who rides what on a day, by keys. */
    public record DayRiderItem(
            @NotBlank String rider, @NotBlank String machine) {}

    /** Where a course, by its key, stands on the yard of the day. */
    public record StandItem(
            @NotBlank String course, @NotNull @Valid StandJson stand) {}

    /** A day: either its date, or how many days it lies before the day of the import. */
    public record DayItem(
            @Nullable LocalDate date,
            @Nullable Integer daysAgo,
            @NotBlank String title,
            @Nullable String yard,
            @NotNull List<@NotBlank String> courses,
            @Nullable List<@NotNull @Valid StandItem> stands,
            @NotNull List<@NotNull @Valid DayRiderItem> riders) {}

    /** A simulated rider, by the key of a rider: makes runs for every past day of the file. */
    public record VirtualRiderItem(
            @NotBlank String rider,
            @NotNull Long seed,
            @NotNull Double startTightness,
            @NotNull Double bestTightness,
            @NotNull Side weakSide,
            @NotNull Double weakBy,
            @NotNull Double learning,
            @NotNull Integer runsPerDay) {}
}
