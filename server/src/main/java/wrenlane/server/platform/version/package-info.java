/** Marks of what things are now, so that what was read of them need not be read again. */
@NullMarked
package wrenlane.server.platform.version;

import org.jspecify.annotations.NullMarked;
