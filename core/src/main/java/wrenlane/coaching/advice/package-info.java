/**
 * What is advised for the next run: rules asked one after another, of which the first that has something to say decides.
 * Read {@link wrenlane.coaching.advice.CoachingRules} first.
 */
@NullMarked
package wrenlane.coaching.advice;

import org.jspecify.annotations.NullMarked;
