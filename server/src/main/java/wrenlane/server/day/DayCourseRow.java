package wrenlane.server.day;

import org.jspecify.annotations.Nullable;
import wrenlane.server.day.DayRequest.DayStand;
import wrenlane.server.placing.StandJson;

/** A row of the day_course table, columns in their order; the stand is all there or not at all. */
record DayCourseRow(
        Long courseId,
        @Nullable Double standXM,
        @Nullable Double standYM,
        @Nullable Double standTurnRad) {
    static DayCourseRow of(long courseId, @Nullable StandJson stand) {
        return stand == null
                ? new DayCourseRow(courseId, null, null, null)
                : new DayCourseRow(courseId, stand.xMetres(), stand.yMetres(), stand.turnRadians());
    }

    @Nullable
    DayStand stand() {
        return standXM == null || standYM == null || standTurnRad == null
                ? null
                : new DayStand(courseId, new StandJson(standXM, standYM, standTurnRad));
    }
}
