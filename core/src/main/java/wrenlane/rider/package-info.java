/**
 * The rider: level with the limits that go with it, and the school they are taught in.
 * Read {@link wrenlane.rider.RiderLimits} first.
 */
@NullMarked
package wrenlane.rider;

import org.jspecify.annotations.NullMarked;
