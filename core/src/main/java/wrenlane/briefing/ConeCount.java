package wrenlane.briefing;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.CoursePlan;
import wrenlane.setout.SetOutSheet;

/**
 * How many cones of a sort to bring.
 *
 * @param spare to bring besides
 * @param owned by the school; missing where never counted
 * @param missing how many more are needed than the school owns, spare left out
 */
public record ConeCount(
        ConeSort sort, int needed, int spare, @Nullable Integer owned, int missing) {
    /** One spare cone for every so many, at least one; chosen by us. */
    private static final int SPARE_SHARE = 5;

    /**
     * For all courses that stand at once, or for any one set up after another, whichever takes more.
     *
     * @param atOnce courses that have a place on the yard
     * @param after courses that have none
     * @param owned by the school, of each sort ever counted
     */
    public static List<ConeCount> of(List<CoursePlan> atOnce, List<CoursePlan> after, Map<ConeSort, Integer> owned) {
        Map<ConeSort, Integer> together = new EnumMap<>(ConeSort.class);
        atOnce.forEach(
                plan -> SetOutSheet.conesBySort(plan).forEach((sort, n) -> together.merge(sort, n, Integer::sum)));
        Map<ConeSort, Integer> most = new EnumMap<>(together);
        after.forEach(plan -> SetOutSheet.conesBySort(plan).forEach((sort, n) -> most.merge(sort, n, Integer::max)));
        return most.entrySet().stream()
                .map(e -> of(e.getKey(), e.getValue(), owned.get(e.getKey())))
                .toList();
    }

    private static ConeCount of(ConeSort sort, int needed, @Nullable Integer owned) {
        return new ConeCount(
                sort,
                needed,
                Math.max(1, needed / SPARE_SHARE),
                owned,
                owned == null ? 0 : Math.max(0, needed - owned));
    }
}
