/** Tells open pages what was changed on another device. */
@NullMarked
package wrenlane.server.platform.event;

import org.jspecify.annotations.NullMarked;
