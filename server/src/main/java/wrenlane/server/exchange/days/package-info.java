/** Bringing days in from a file in the app's own open format. */
@NullMarked
package wrenlane.server.exchange.days;

import org.jspecify.annotations.NullMarked;
