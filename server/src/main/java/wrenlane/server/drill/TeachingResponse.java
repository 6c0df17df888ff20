package wrenlane.server.drill;

import java.util.Set;
import wrenlane.drill.TeachingChoice;
import wrenlane.server.http.Versioned;

/** The choices beside the school, as stored. */
record TeachingResponse(long version, Set<TeachingChoice> choices) implements Versioned {}
