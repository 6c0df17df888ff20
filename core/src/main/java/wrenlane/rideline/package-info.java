/**
 * The line a machine rides through a course, and whether it fits. Rear contact path with curvature
 * (left positive); the front contact is one wheelbase ahead along the heading.
 * Read {@link wrenlane.rideline.UTurnLine} first, then {@link wrenlane.rideline.UTurnBoxFit}.
 */
@NullMarked
package wrenlane.rideline;

import org.jspecify.annotations.NullMarked;
