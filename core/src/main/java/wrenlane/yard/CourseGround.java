package wrenlane.yard;

import java.util.List;
import wrenlane.course.Course;
import wrenlane.course.NestedCourse;
import wrenlane.course.plan.Cone;
import wrenlane.course.plan.CoursePlan;
import wrenlane.course.plan.RouteEnd;
import wrenlane.plane.Point;
import wrenlane.riding.Ground;

/**
 * What a course takes of the ground, in its own axes.
 *
 * @param name of the course, as the instructor calls it
 * @param turns whether there is a turn on it
 * @param ridden the ground ridden on, run-in and run-out of the straights included
 * @param withRunOut the same with all that a machine reaches which goes straight on from anywhere on the way
 * @param closedToPeople ground that nobody stands on while somebody rides
 * @param way the way through
 * @param start where the ride begins
 * @param cones all that stand there
 */
public record CourseGround(
        String name,
        boolean turns,
        Ground ridden,
        Ground withRunOut,
        Ground closedToPeople,
        List<Point> way,
        RouteEnd start,
        List<Cone> cones) {
    public CourseGround {
        way = List.copyOf(way);
        cones = List.copyOf(cones);
    }

    /** Of a course. */
    public static CourseGround of(String name, Course course) {
        return of(name, NestedCourse.of(course));
    }

    /** Of a course at all settings it stands at: the widest takes the most ground. */
    public static CourseGround of(String name, NestedCourse nested) {
        Course course = nested.widest();
        CoursePlan plan = course.plan();
        return new CourseGround(
                name,
                !course.kind().isStraight(),
                Ground.ridden(plan),
                Ground.withRunOut(plan),
                Ground.closedToPeople(course),
                plan.route().points(),
                plan.route().start(),
                nested.plan().cones());
    }

    /** The same, standing somewhere. */
    public PlacedGround at(CoursePlacement stand) {
        return new PlacedGround(this, stand);
    }
}
