package wrenlane.server.course.evaluation;

import java.util.List;
import wrenlane.course.Course;
import wrenlane.course.plan.Cone;
import wrenlane.course.plan.CourseLine;
import wrenlane.course.plan.CoursePlan;
import wrenlane.course.plan.CoursePlan.Area;
import wrenlane.course.plan.CoursePlan.Measure;
import wrenlane.course.plan.MarkerCount;
import wrenlane.finding.Sentence;
import wrenlane.plane.Point;
import wrenlane.setup.SetupSheet;

/**
 * A course on the ground.
 *
 * @param cones in setup order
 * @param lines painted, chalked, or the end of the ground taken
 * @param way roughly the way through
 * @param area ground taken, with run-in and run-out
 * @param measures where its dimensions are drawn
 * @param markers how many of each to bring
 * @param notes what is worth knowing about these settings
 */
public record PlanJson(
        List<Cone> cones,
        List<CourseLine> lines,
        List<Point> way,
        Area area,
        List<Measure> measures,
        List<MarkerCount> markers,
        List<Sentence> notes) {
    public static PlanJson of(Course course) {
        return of(course.plan());
    }

    /** Of a plan, such as that of a course at several settings. */
    public static PlanJson of(CoursePlan plan) {
        return new PlanJson(
                plan.cones(),
                plan.lines(),
                plan.route().points(),
                plan.area(),
                plan.measures(),
                SetupSheet.markers(plan),
                plan.notes());
    }
}
