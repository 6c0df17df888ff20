/**
 * A motorcycle or scooter with its measured dimensions, and the turn that follows from them.
 * Angles in radians; lean and lock are positive magnitudes given per {@link wrenlane.machine.Side}.
 * Read {@link wrenlane.machine.SteeredTurn} first, then {@link wrenlane.machine.MachineTurn}.
 */
@NullMarked
package wrenlane.machine;

import org.jspecify.annotations.NullMarked;
