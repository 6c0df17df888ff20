/** What faults come from, and what an instructor has put right about it. */
@NullMarked
package wrenlane.server.progress.cause;

import org.jspecify.annotations.NullMarked;
