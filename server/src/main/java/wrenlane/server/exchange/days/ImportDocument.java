package wrenlane.server.exchange.days;

import com.fasterxml.jackson.annotation.JsonAnyGetter;
import com.fasterxml.jackson.annotation.JsonAnySetter;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import wrenlane.lesson.Weather;
import wrenlane.machine.Posture;
import wrenlane.machine.Side;
import wrenlane.machine.Transmission;
import wrenlane.rider.Reach;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.RidingMethod;
import wrenlane.server.course.kit.KitJson;
import wrenlane.server.course.kit.MarkerJson;
import wrenlane.server.ground.placement.PlacementJson;
import wrenlane.server.ground.yard.GroundJson.BayRowJson;
import wrenlane.server.ground.yard.GroundJson.EntranceJson;
import wrenlane.server.ground.yard.GroundJson.ObstacleJson;
import wrenlane.server.people.machine.FigureJson;
import wrenlane.server.platform.format.OldDifficulty;
import wrenlane.server.platform.format.Upgrade;
import wrenlane.yard.Corner;
import wrenlane.yard.Surface;

/**
 * The open format of a set of days, version 4, as {@code docs/formats} describes it. Things refer to one another by keys
 * that hold within the file. The file has been validated against the schema before it is read into this; fields the schema
 * does not know are kept with what they belong to.
 *
 * @param format name and version of the format
 */
record ImportDocument(
        String format,
        @Nullable KitJson kit,
        List<YardItem> yards,
        List<MachineItem> machines,
        List<RiderItem> riders,
        List<CourseItem> courses,
        List<DayItem> days,
        @Nullable List<VirtualRiderItem> virtualRiders) {

    /** Name and version of the format. */
    static final String FORMAT = "wren-lane-days/4";

    /** Version 3 had the difficulty of simulated riders, where a larger number is easier. */
    static final Upgrade FROM_3 = new Upgrade("wren-lane-days/3", file -> {
        for (JsonNode rider : file.path("virtualRiders")) {
            double start = rider.path("startTightness").asDouble();
            double weak = start + rider.path("weakBy").asDouble();
            ((ObjectNode) rider)
                    .put("weakBy", Math.max(0, OldDifficulty.difficulty(start) - OldDifficulty.difficulty(weak)));
            OldDifficulty.replace((ObjectNode) rider, "startTightness", "startDifficulty");
            OldDifficulty.replace((ObjectNode) rider, "bestTightness", "bestDifficulty");
        }
    });

    /** Paces or bays counted along a taped stretch. */
    record CalibrationItem(double count, LengthItem taped) {}

    /** A yard. */
    record YardItem(
            String key,
            String name,
            GroundItem ground,
            @Nullable String notes,
            @Nullable CalibrationItem pace,
            @Nullable CalibrationItem bay,
            @JsonAnySetter @JsonAnyGetter @Nullable Map<String, JsonNode> more) {}

    /** A yard's ground as measured; what is not given is not there. */
    record GroundItem(
            OutlineItem outline,
            Surface surface,
            double fallPercent,
            @Nullable Double fallTowardsRadians,
            @Nullable List<ObstacleJson> obstacles,
            @Nullable List<BayRowJson> bayRows,
            @Nullable EntranceJson entrance,
            @Nullable List<String> sideNames) {}

    /** An outline side by side; all corners are square where they are not given. */
    record OutlineItem(
            List<LengthItem> sides,
            @Nullable List<Corner> corners,
            @Nullable List<DiagonalItem> diagonals) {}

    /** A length from corner to corner, 0 for A. */
    record DiagonalItem(int from, int to, LengthItem length) {}

    /** A measured full-lock circle. */
    record CircleItem(Side side, Posture posture, LengthItem diameter) {}

    /** A machine; figures not given are typical of its class. */
    record MachineItem(
            String key,
            String name,
            String classId,
            Transmission transmission,
            @Nullable List<FigureJson> figures,
            @Nullable List<CircleItem> circles,
            @JsonAnySetter @JsonAnyGetter @Nullable Map<String, JsonNode> more) {}

    /** Drills seen mastered on a machine, by its key. */
    record ShownItem(
            String machine, List<String> drills, @Nullable LocalDate on) {}

    /**
     * What a rider wants to ride.
     *
     * @param machine a key
     * @param by the day it is wanted by; where that and {@code inDays} are missing there is no hurry
     * @param inDays the same, so many days after the import
     */
    record GoalItem(
            String name,
            String kind,
            String machine,
            LengthItem setting,
            @Nullable LocalDate by,
            @Nullable Integer inDays,
            @Nullable Integer everyDays) {}

    /** A rider; {@code machine} is a key. */
    record RiderItem(
            String key,
            String name,
            RiderLevel level,
            RidingMethod school,
            @Nullable Double mostLeanRadians,
            @Nullable String machine,
            @Nullable Reach reach,
            @Nullable String notes,
            @Nullable List<ShownItem> shown,
            @Nullable GoalItem goal,
            @JsonAnySetter @JsonAnyGetter @Nullable Map<String, JsonNode> more) {}

    /** A course; what is not given is as its kind has it. */
    record CourseItem(
            String key,
            String name,
            String kind,
            @Nullable Map<String, LengthItem> lengths,
            @Nullable Map<String, Integer> counts,
            @Nullable Map<String, String> options,
            Side firstTurn,
            @Nullable List<MarkerJson> markers,
            @Nullable List<MarkerJson> within,
            @JsonAnySetter @JsonAnyGetter @Nullable Map<String, JsonNode> more) {}

    /** Who rides what on a day, by keys. */
    record DayRiderItem(String rider, String machine) {}

    /** Where a course, by its key, stands on the yard of the day. */
    record PlacementItem(String course, PlacementJson stand) {}

    /** Settings in metres that a course, by its key, stands at. */
    record ActiveSizesItem(String course, List<Double> metres) {}

    /** A day: either its date, or how many days it lies before the day of the import. */
    record DayItem(
            @Nullable LocalDate date,
            @Nullable Integer daysAgo,
            String title,
            @Nullable String yard,
            List<String> courses,
            @Nullable List<PlacementItem> stands,
            @Nullable List<ActiveSizesItem> standsAt,
            List<DayRiderItem> riders,
            @Nullable LessonItem lesson,
            @JsonAnySetter @JsonAnyGetter @Nullable Map<String, JsonNode> more) {}

    /** What the lesson of a day is planned from; riders who are not there, and courses, by their keys. */
    record LessonItem(
            String startsAt,
            int minutes,
            int areas,
            int helpers,
            Weather weather,
            @Nullable List<String> absent,
            @Nullable List<WishItem> wishes,
            @Nullable RidingMethod school) {}

    /**
     * A station in its place.
     *
     * @param course by its key; missing for open ground
     * @param minutes fixed; missing where the planner shares the time out
     */
    record WishItem(@Nullable String course, @Nullable Integer minutes) {}

    /** A simulated rider, by the key of a rider: makes runs for every past day of the file. */
    record VirtualRiderItem(
            String rider,
            long seed,
            double startDifficulty,
            double bestDifficulty,
            Side weakSide,
            double weakBy,
            double learning,
            int runsPerDay) {}
}
