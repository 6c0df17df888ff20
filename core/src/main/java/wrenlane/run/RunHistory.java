package wrenlane.run;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wrenlane.id.RunId;

/**
 * A run as it is now, with all that it was before.
 *
 * @param current as last corrected; withdrawn where it was undone
 * @param earlier what it was before each correction, the latest first
 */
public record RunHistory(Run current, List<Run> earlier) {
    public RunHistory {
        earlier = List.copyOf(earlier);
    }

    /**
     * Puts runs and their corrections together, the newest first.
     *
     * @param all of a day, by the time they were ridden, withdrawn runs among them
     */
    public static List<RunHistory> of(List<Run> all) {
        Map<RunId, Run> byId = new HashMap<>();
        Map<RunId, Run> corrections = new HashMap<>();
        for (Run run : all) {
            byId.put(run.id(), run);
            run.log().replaces().ifPresent(replaced -> corrections.put(replaced, run));
        }
        List<RunHistory> histories = new ArrayList<>();
        for (Run run : all) {
            if (!corrections.containsKey(run.id())) {
                histories.add(new RunHistory(run, earlier(run, byId)));
            }
        }
        Collections.reverse(histories);
        return List.copyOf(histories);
    }

    private static List<Run> earlier(Run current, Map<RunId, Run> byId) {
        List<Run> earlier = new ArrayList<>();
        Optional<Run> before = before(current, byId);
        while (before.isPresent()) {
            earlier.add(before.get());
            before = before(before.get(), byId);
        }
        return earlier;
    }

    private static Optional<Run> before(Run run, Map<RunId, Run> byId) {
        return run.log().replaces().map(byId::get);
    }
}
