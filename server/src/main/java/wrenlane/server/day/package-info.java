/** The day that ties yard, courses and riders together, and its briefing. */
@NullMarked
package wrenlane.server.day;

import org.jspecify.annotations.NullMarked;
