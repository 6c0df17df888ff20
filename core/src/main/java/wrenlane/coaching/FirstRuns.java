package wrenlane.coaching;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiPredicate;

/** Which runs count: the first at a setting new to the rider do not, both sides together. */
public final class FirstRuns {
    private FirstRuns() {}

    /**
     * Those that count.
     *
     * @param all of one rider from the very first on, oldest first
     * @param samePlace whether two runs were ridden on the same ground at the same size
     * @param unscored how many at a new place do not count
     */
    public static <R> List<R> scored(List<R> all, BiPredicate<R, R> samePlace, int unscored) {
        Map<R, Integer> seen = new LinkedHashMap<>();
        List<R> scored = new ArrayList<>();
        for (R run : all) {
            R first = seen.keySet().stream()
                    .filter(place -> samePlace.test(place, run))
                    .findFirst()
                    .orElse(run);
            if (seen.merge(first, 1, Integer::sum) > unscored) {
                scored.add(run);
            }
        }
        return scored;
    }
}
