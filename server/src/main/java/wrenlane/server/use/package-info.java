/** What refers to a stored thing, and so keeps it from being deleted. */
@NullMarked
package wrenlane.server.use;

import org.jspecify.annotations.NullMarked;
