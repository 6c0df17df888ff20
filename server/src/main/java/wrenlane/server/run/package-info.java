/** Runs as logged on the yard. */
@NullMarked
package wrenlane.server.run;

import org.jspecify.annotations.NullMarked;
