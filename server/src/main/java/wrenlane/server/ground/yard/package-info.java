/** Yards with their calibrations and cautions. */
@NullMarked
package wrenlane.server.ground.yard;

import org.jspecify.annotations.NullMarked;
