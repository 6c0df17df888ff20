/**
 * One exercise set out in cones, from a kind and its dimensions. The run goes along +x, y to the left,
 * angles anticlockwise; the datum corner of every course is (0, 0). Read {@link wrenlane.course.UTurnBox} first.
 */
@NullMarked
package wrenlane.course;

import org.jspecify.annotations.NullMarked;
