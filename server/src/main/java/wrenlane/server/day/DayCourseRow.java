package wrenlane.server.day;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wrenlane.day.DayCourse;
import wrenlane.id.CourseId;
import wrenlane.server.ground.placement.PlacementJson;
import wrenlane.yard.CoursePlacement;

/** A row of the day_course table; the placement is all there or not at all. */
record DayCourseRow(
        Long dayId,
        Long courseId,
        @Nullable Double standXM,
        @Nullable Double standYM,
        @Nullable Double standTurnRad) {
    static DayCourseRow of(long dayId, long courseId, @Nullable PlacementJson placement) {
        return placement == null
                ? new DayCourseRow(dayId, courseId, null, null, null)
                : new DayCourseRow(dayId, courseId, placement.xMetres(), placement.yMetres(), placement.turnRadians());
    }

    DayCourse course(List<Double> sizesMetres) {
        return new DayCourse(new CourseId(courseId), placement(), sizesMetres);
    }

    private Optional<CoursePlacement> placement() {
        return standXM == null || standYM == null || standTurnRad == null
                ? Optional.empty()
                : Optional.of(new CoursePlacement(standXM, standYM, standTurnRad));
    }
}
