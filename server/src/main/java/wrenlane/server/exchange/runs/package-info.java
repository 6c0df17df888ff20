/** Runs as files: out as CSV and JSON, and in from a table somebody else wrote. Read {@link RunFileService} first. */
@NullMarked
package wrenlane.server.exchange.runs;

import org.jspecify.annotations.NullMarked;
