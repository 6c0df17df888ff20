package wrenlane.server.lesson.teaching;

import java.util.Set;
import wrenlane.drill.TeachingChoice;
import wrenlane.server.platform.http.VersionedResource;

/** The choices beside the school, as stored. */
record TeachingResponse(long version, Set<TeachingChoice> choices) implements VersionedResource {}
