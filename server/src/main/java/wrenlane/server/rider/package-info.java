/** Riders, their levels and schools. */
@NullMarked
package wrenlane.server.rider;

import org.jspecify.annotations.NullMarked;
