package wrenlane.server.progress.run;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A run as it stands now, with all that it was before.
 *
 * @param run as last corrected; withdrawn where it was undone
 * @param earlier what it was before it was corrected, the latest first
 */
public record LoggedRun(RunResponse run, List<RunResponse> earlier) {
    /**
     * Runs with their corrections put together, the newest first.
     *
     * @param all of a day, by the time they were ridden, also what was withdrawn
     */
    static List<LoggedRun> of(List<RunResponse> all) {
        Map<String, RunResponse> byId = new HashMap<>();
        all.forEach(run -> byId.put(run.id(), run));
        Map<String, RunResponse> corrected = new HashMap<>();
        all.stream().filter(run -> run.replaces() != null).forEach(run -> corrected.put(run.replaces(), run));
        List<LoggedRun> logged = new ArrayList<>();
        for (RunResponse run : all) {
            if (corrected.containsKey(run.id())) {
                continue;
            }
            List<RunResponse> earlier = new ArrayList<>();
            for (RunResponse one = run; one.replaces() != null && byId.containsKey(one.replaces()); ) {
                one = byId.get(one.replaces());
                earlier.add(one);
            }
            logged.add(0, new LoggedRun(run, List.copyOf(earlier)));
        }
        return List.copyOf(logged);
    }
}
