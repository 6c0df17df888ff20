/**
 * Computing for people who wait: in turn, within a budget, and no longer than they wait. Read
 * {@link wrenlane.server.reckoning.Reckoning} first.
 */
@NullMarked
package wrenlane.server.reckoning;

import org.jspecify.annotations.NullMarked;
