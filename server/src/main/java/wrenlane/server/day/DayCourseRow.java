package wrenlane.server.day;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import wrenlane.server.day.DayRequest.DaySettings;
import wrenlane.server.day.DayRequest.DayStand;
import wrenlane.server.ground.placement.StandJson;

/**
 * A row of the day_course table, columns in their order; the stand is all there or not at all.
 *
 * @param standsAt metres joined by commas
 */
record DayCourseRow(
        Long courseId,
        @Nullable Double standXM,
        @Nullable Double standYM,
        @Nullable Double standTurnRad,
        String standsAt) {
    static DayCourseRow of(long courseId, @Nullable StandJson stand, List<Double> standsAt) {
        String settings = standsAt.stream().map(String::valueOf).collect(Collectors.joining(","));
        return stand == null
                ? new DayCourseRow(courseId, null, null, null, settings)
                : new DayCourseRow(courseId, stand.xMetres(), stand.yMetres(), stand.turnRadians(), settings);
    }

    @Nullable
    DayStand stand() {
        return standXM == null || standYM == null || standTurnRad == null
                ? null
                : new DayStand(courseId, new StandJson(standXM, standYM, standTurnRad));
    }

    @Nullable
    DaySettings settings() {
        return standsAt.isEmpty()
                ? null
                : new DaySettings(
                        courseId,
                        Arrays.stream(standsAt.split(",")).map(Double::valueOf).toList());
    }
}
