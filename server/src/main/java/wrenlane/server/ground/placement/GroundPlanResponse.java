package wrenlane.server.ground.placement;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.course.plan.Marker;
import wrenlane.course.plan.MarkerCount;
import wrenlane.finding.Finding;
import wrenlane.plane.Point;
import wrenlane.yard.SharedCones;

/**
 * Courses as they stand on a yard, all in the yard's axes.
 *
 * @param waiting the middle of a square where riders wait; missing where there is none
 * @param shared which courses share cones, each pair once
 * @param markers how many they take together, where they stand: what is shared counts once
 * @param findings what is unsafe, and what found no place; empty where all is well
 * @param unfinished whether time for looking ran out: these are the best places found until then
 */
record GroundPlanResponse(
        List<PlacedCourseJson> courses,
        @Nullable Point waiting,
        List<SharedConesJson> shared,
        List<MarkerCount> markers,
        List<Finding> findings,
        boolean unfinished) {
    /** Cones that two courses share. */
    record SharedConesJson(long firstId, long secondId, List<SharedCones.SharedCone> cones) {}

    /**
     * A course where it stands.
     *
     * @param area corners of the ground ridden on
     * @param runOut corners of the ground it needs with its run-outs
     * @param way the way through
     */
    record PlacedCourseJson(
            long courseId,
            String name,
            PlacementJson stand,
            List<Point> area,
            List<Point> runOut,
            List<Point> way,
            List<PlacedCone> cones) {}

    /** A cone where it stands. */
    record PlacedCone(String label, Marker marker, Point at) {}
}
