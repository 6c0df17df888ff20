/** A day's debrief: what each rider is told, computed from their runs and put right by whoever was there. */
@NullMarked
package wrenlane.server.lesson.debrief;

import org.jspecify.annotations.NullMarked;
