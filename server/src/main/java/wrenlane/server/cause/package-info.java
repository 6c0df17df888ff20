/** What faults come from, and what an instructor has put right about it. */
@NullMarked
package wrenlane.server.cause;

import org.jspecify.annotations.NullMarked;
