package wrenlane.server.progress.cause;

import org.jspecify.annotations.Nullable;

/**
 * The table of causes as stored.
 *
 * @param document its rows as JSON; missing where they are as they came
 */
record CausesRow(Long version, @Nullable String document) {}
