/** Courses as saved, and their evaluation for the machines of a day. */
@NullMarked
package wrenlane.server.course;

import org.jspecify.annotations.NullMarked;
