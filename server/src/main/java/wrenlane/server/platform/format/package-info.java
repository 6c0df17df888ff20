/** The app's own open formats: read by their published schemas, and written. Read {@link wrenlane.server.platform.format.FormatReader}. */
@NullMarked
package wrenlane.server.platform.format;

import org.jspecify.annotations.NullMarked;
