/** Who rides what, at which speed, and what that leaves to turn with. Read {@link wrenlane.riding.Ride} first. */
@NullMarked
package wrenlane.riding;

import org.jspecify.annotations.NullMarked;
