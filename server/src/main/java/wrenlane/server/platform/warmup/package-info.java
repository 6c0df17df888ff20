/** What is done once in the background after the start, so that nobody in the yard waits for it. */
@NullMarked
package wrenlane.server.platform.warmup;

import org.jspecify.annotations.NullMarked;
