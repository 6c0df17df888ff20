package wrenlane.server.placing;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.course.plan.Marker;
import wrenlane.finding.Finding;
import wrenlane.plane.Point;

/**
 * Courses as they stand on a yard, all in the yard's axes.
 *
 * @param waiting the middle of a square where riders wait; missing where there is none
 * @param findings what is unsafe, and what found no place; empty where all is well
 * @param unfinished whether time for looking ran out: these are the best places found until then
 */
record GroundPlanResponse(
        List<StandingJson> courses, @Nullable Point waiting, List<Finding> findings, boolean unfinished) {
    /**
     * A course where it stands.
     *
     * @param area corners of the ground ridden on
     * @param runOut corners of the ground it needs with its run-outs
     * @param way the way through
     */
    record StandingJson(
            long courseId,
            String name,
            StandJson stand,
            List<Point> area,
            List<Point> runOut,
            List<Point> way,
            List<StandingCone> cones) {}

    /** A cone where it stands. */
    record StandingCone(String label, Marker marker, Point at) {}
}
