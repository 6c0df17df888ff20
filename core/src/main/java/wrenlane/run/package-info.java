/**
 * One attempt at a course by one rider to one side, and what could be seen of it.
 * Read {@link wrenlane.run.RunRecord} first.
 */
@NullMarked
package wrenlane.run;

import org.jspecify.annotations.NullMarked;
