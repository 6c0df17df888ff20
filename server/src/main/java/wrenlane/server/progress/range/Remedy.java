package wrenlane.server.progress.range;

import java.util.List;
import wrenlane.coaching.Cause;

/**
 * What to go back to when a step is too much.
 *
 * @param likely what the faults usually come from
 * @param cue said for it, in at most five words
 * @param drills ids of drills to go back to, the first first
 */
record Remedy(String likely, String cue, List<String> drills) {
    static Remedy of(Cause cause) {
        return new Remedy(cause.likely(), cause.cue(), cause.drills());
    }
}
