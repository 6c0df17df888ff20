/**
 * What the runs say: tallies, the tightest setting ridden clean four times in five, and the next rung.
 * Read {@link wrenlane.progress.CleanSetting} and {@link wrenlane.progress.LadderRule}.
 */
@NullMarked
package wrenlane.progress;

import org.jspecify.annotations.NullMarked;
