package wrenlane.server.ground.placement;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.course.plan.Cone;
import wrenlane.rider.RiderLevel;
import wrenlane.server.ground.placement.ArrangementService.SizedCourse;
import wrenlane.server.ground.placement.OverlapRequest.OverlapRider;
import wrenlane.verdict.FitAnswer;

/**
 * Courses ridden among the tall cones of others.
 *
 * @param courses those that have any on their ground
 * @param unfinished whether time ran out before all was known
 */
record OverlapResponse(List<OverlapCourse> courses, boolean unfinished) {
    /** A course on its way to be judged, with the cones of others in its axes. */
    record CourseWithCones(SizedCourse course, List<Cone> cones) {}

    /**
     * One course.
     *
     * @param cones of others on its ground, each called after its course
     */
    record OverlapCourse(long courseId, String name, List<String> cones, List<OverlapFit> fits) {}

    /**
     * How it is ridden there.
     *
     * @param settingMetres it is ridden at
     * @param spareMetres room at the tightest place, negative where it lacks
     * @param spareCapped whether there is more room than was looked for
     * @param speedMetresPerSecond it is judged at; missing where it is not rolled through
     * @param tightest what the tightest place is at
     * @param ofAnother whether that is a cone of another course
     */
    record OverlapFit(
            long machineId,
            RiderLevel level,
            @Nullable Double mostLeanRadians,
            double settingMetres,
            FitAnswer answer,
            double spareMetres,
            boolean spareCapped,
            @Nullable Double speedMetresPerSecond,
            String tightest,
            boolean ofAnother) {
        /** The same for somebody whose machine and level are alike. */
        OverlapFit riddenBy(OverlapRider who) {
            return new OverlapFit(
                    who.machineId(),
                    who.level(),
                    who.mostLeanRadians(),
                    settingMetres,
                    answer,
                    spareMetres,
                    spareCapped,
                    speedMetresPerSecond,
                    tightest,
                    ofAnother);
        }
    }
}
