/** Bringing days in from a file in the app's own open format. */
@NullMarked
package wrenlane.server.imports;

import org.jspecify.annotations.NullMarked;
