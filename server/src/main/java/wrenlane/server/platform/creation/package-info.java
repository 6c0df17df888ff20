/** Requests that create something, sent again: they create it once. */
@NullMarked
package wrenlane.server.platform.creation;

import org.jspecify.annotations.NullMarked;
