/** The ids of everything that is stored, each a type of its own, so that one is never taken for another. */
@NullMarked
package wrenlane.id;

import org.jspecify.annotations.NullMarked;
