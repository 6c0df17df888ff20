/** The sizes a day's courses are set up at, who rides which, and the sizes that would serve most riders. */
@NullMarked
package wrenlane.server.lesson.size;

import org.jspecify.annotations.NullMarked;
