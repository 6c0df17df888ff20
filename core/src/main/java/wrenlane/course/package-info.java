/**
 * One exercise set out in cones, from a kind and its dimensions. The run goes along +x, y to the left, angles
 * anticlockwise. A kind gives a {@link wrenlane.course.plan.CoursePlan}: cones and lines on the ground, and a
 * {@link wrenlane.course.plan.Route} through them with all that is kept clear of. Plans are laid for a first turn to the left;
 * the other way is the mirror image. Read {@link wrenlane.course.CourseKind} first, then one of the kinds.
 */
@NullMarked
package wrenlane.course;

import org.jspecify.annotations.NullMarked;
