/**
 * The day at a glance: what to bring, how far each stop of the day is, and what comes next.
 * Read {@link wrenlane.briefing.DayState}.
 */
@NullMarked
package wrenlane.briefing;

import org.jspecify.annotations.NullMarked;
