package wrenlane.server.progress.cause;

import java.util.List;
import wrenlane.server.platform.http.VersionedResource;

/**
 * What faults come from, as it holds here.
 *
 * @param changed whether somebody has put it right
 * @param rows the first of two that say as much holds
 */
record CausesResponse(long version, boolean changed, List<CauseJson> rows) implements VersionedResource {}
