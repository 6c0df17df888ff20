/** What refers to a stored thing, and so keeps it from being deleted. */
@NullMarked
package wrenlane.server.platform.reference;

import org.jspecify.annotations.NullMarked;
