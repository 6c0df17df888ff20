/**
 * What stands on the ground of a course and how it is ridden through: cones, lines, the way, and what is kept clear of.
 * Read {@link wrenlane.course.plan.CoursePlan} first; kinds build one with {@link wrenlane.course.plan.CourseLayout}.
 */
@NullMarked
package wrenlane.course.plan;

import org.jspecify.annotations.NullMarked;
