package wrenlane.server.lesson.drill;

import org.jspecify.annotations.Nullable;

/**
 * A row of the drill table: what was changed about a drill here.
 *
 * @param document the drill in the open format; missing where the shipped one holds
 */
record DrillRow(String id, long version, @Nullable String document, boolean hidden) {}
