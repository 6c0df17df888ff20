/**
 * The teaching day: where it is, which courses lie on its yard at which sizes, and who rides which machine.
 * Read {@link wrenlane.day.Day} first.
 */
@NullMarked
package wrenlane.day;

import org.jspecify.annotations.NullMarked;
