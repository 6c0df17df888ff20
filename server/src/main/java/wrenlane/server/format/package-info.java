/** The app's own open formats: read by their published schemas, and written. Read {@link wrenlane.server.format.FormatReader}. */
@NullMarked
package wrenlane.server.format;

import org.jspecify.annotations.NullMarked;
