/**
 * The paved ground: its measured outline, what stands on it, where courses stand, and what is unsafe about it.
 * Axes: corner A at the origin, side AB along x, y to the left. Lengths in metres, angles anticlockwise in radians.
 * Read {@link wrenlane.yard.MeasuredOutline} first, then {@link wrenlane.yard.Yard} and {@link wrenlane.yard.GroundPlan}.
 */
@NullMarked
package wrenlane.yard;

import org.jspecify.annotations.NullMarked;
