/** Which cones of a course are on the ground on a day. */
@NullMarked
package wrenlane.server.day.tick;

import org.jspecify.annotations.NullMarked;
