/**
 * Computing for people who wait: in turn, within a budget, and no longer than they wait. Read
 * {@link wrenlane.server.platform.calculation.ComputeScheduler} first.
 */
@NullMarked
package wrenlane.server.platform.calculation;

import org.jspecify.annotations.NullMarked;
