/**
 * The line a machine rides through a course: rear contact path with curvature κ(s), left positive; the front contact is
 * one wheelbase ahead along the heading. {@link wrenlane.rideline.LineTask} says what is looked for, and
 * {@link wrenlane.rideline.LineChecker} rides any line again and measures it by every rule; it knows nothing of how lines
 * are found, which is the business of {@code wrenlane.rideline.solve}. Read {@link wrenlane.rideline.CheckedLine} first.
 */
@NullMarked
package wrenlane.rideline;

import org.jspecify.annotations.NullMarked;
