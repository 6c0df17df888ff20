/**
 * What the runs say: tallies, the tightest setting ridden clean four times in five.
 * Read {@link wrenlane.progress.CleanSetting}.
 */
@NullMarked
package wrenlane.progress;

import org.jspecify.annotations.NullMarked;
