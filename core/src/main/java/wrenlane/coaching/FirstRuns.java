package wrenlane.coaching;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** Which runs count: the first at a setting new to the rider do not, both sides together. */
public final class FirstRuns {
    private FirstRuns() {}

    /**
     * Those that count.
     *
     * @param all of one rider from the very first on, oldest first
     * @param place what a run was ridden on, at which setting: equal where it is the same ground
     * @param unscored how many at a new place do not count
     */
    public static <R> List<R> scored(List<R> all, Function<R, ?> place, int unscored) {
        Map<Object, Integer> seen = new HashMap<>();
        List<R> scored = new ArrayList<>();
        for (R run : all) {
            if (seen.merge(place.apply(run), 1, Integer::sum) > unscored) {
                scored.add(run);
            }
        }
        return scored;
    }
}
