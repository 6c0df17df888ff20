/**
 * Measured lengths: how a person says them, how far out they may be, and how they are read back.
 * SI inside; feet, inches, paces and bays exist only here. Read {@link wrenlane.units.LengthParser} first.
 */
@NullMarked
package wrenlane.units;

import org.jspecify.annotations.NullMarked;
