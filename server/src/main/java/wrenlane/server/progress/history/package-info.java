/** What a rider rode on one kind of course, read as a whole. */
@NullMarked
package wrenlane.server.progress.history;

import org.jspecify.annotations.NullMarked;
