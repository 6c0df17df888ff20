/**
 * Stand-ins that ship with the app, always labelled as simulated: the virtual rider of the demo day.
 * Read {@link wrenlane.simulation.VirtualRider} first.
 */
@NullMarked
package wrenlane.simulation;

import org.jspecify.annotations.NullMarked;
