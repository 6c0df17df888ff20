/** Courses on a yard: where they stand, what is unsafe about it, and places found for them. Stores nothing. */
@NullMarked
package wrenlane.server.ground.placement;

import org.jspecify.annotations.NullMarked;
