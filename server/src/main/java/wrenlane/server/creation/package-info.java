/** Requests that create something, sent again: they create it once. */
@NullMarked
package wrenlane.server.creation;

import org.jspecify.annotations.NullMarked;
