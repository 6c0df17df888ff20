/**
 * What to do next, and why: advice after a run, and the size to begin on. Advice, never an order.
 * Read {@link wrenlane.coaching.advice.CoachingRules} first.
 */
@NullMarked
package wrenlane.coaching;

import org.jspecify.annotations.NullMarked;
