/** Yards with their calibrations and cautions. */
@NullMarked
package wrenlane.server.yard;

import org.jspecify.annotations.NullMarked;
