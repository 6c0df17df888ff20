/**
 * The paved ground: its usable rectangle, surface and fall, and the cautions that follow from them.
 * Read {@link wrenlane.yard.Yard} first.
 */
@NullMarked
package wrenlane.yard;

import org.jspecify.annotations.NullMarked;
