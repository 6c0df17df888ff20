package wrenlane.briefing;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wrenlane.course.plan.CoursePlan;
import wrenlane.course.plan.Marker;
import wrenlane.course.plan.MarkerCount;
import wrenlane.setup.SetupSheet;

/**
 * How many of a marker to bring.
 *
 * @param spare to bring besides
 * @param owned by the school; missing where never counted
 * @param missing how many more are needed than the school owns, spare left out
 */
public record ConeCount(
        Marker marker, int needed, int spare, @Nullable Integer owned, int missing) {
    /** One spare cone for every so many, at least one; chosen by us. */
    private static final int SPARE_SHARE = 5;

    /**
     * For all courses that stand at once, or for any one set up after another, whichever takes more.
     *
     * @param together what those take that have a place on the yard, where they stand: what they share counts once
     * @param after courses that have none
     * @param owned by the school, of each marker ever counted, by its name
     */
    public static List<ConeCount> of(List<MarkerCount> together, List<CoursePlan> after, Map<String, Integer> owned) {
        return MarkerCount.most(
                        Stream.concat(Stream.of(together), after.stream().map(SetupSheet::markers)))
                .stream()
                .map(most -> of(most, owned.get(most.marker().name())))
                .toList();
    }

    private static ConeCount of(MarkerCount most, @Nullable Integer owned) {
        int needed = most.count();
        return new ConeCount(
                most.marker(),
                needed,
                Math.max(1, needed / SPARE_SHARE),
                owned,
                owned == null ? 0 : Math.max(0, needed - owned));
    }
}
