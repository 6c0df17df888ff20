/** Riders, their levels and schools. */
@NullMarked
package wrenlane.server.people.rider;

import org.jspecify.annotations.NullMarked;
