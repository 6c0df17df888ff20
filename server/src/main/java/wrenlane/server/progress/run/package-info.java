/** Runs as logged on the yard. */
@NullMarked
package wrenlane.server.progress.run;

import org.jspecify.annotations.NullMarked;
