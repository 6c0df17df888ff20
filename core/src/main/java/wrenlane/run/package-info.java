/** The log: runs, what was noted about them, and their corrections. Read {@link wrenlane.run.Run} first. */
@NullMarked
package wrenlane.run;

import org.jspecify.annotations.NullMarked;
