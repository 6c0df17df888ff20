/**
 * How much a computation may take: time, work, and whether anybody still waits for it. Depends on nothing. Read
 * {@link wrenlane.budget.Budget} first.
 */
@NullMarked
package wrenlane.budget;

import org.jspecify.annotations.NullMarked;
