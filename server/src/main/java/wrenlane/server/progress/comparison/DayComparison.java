package wrenlane.server.progress.comparison;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.machine.Side;
import wrenlane.server.progress.EstimateJson;

/**
 * Two days of a rider on a kind of course, side by side.
 *
 * @param sides both of them, the left first
 */
record DayComparison(DayLabel from, DayLabel to, List<SideComparison> sides) {
    /** A day. */
    record DayLabel(long dayId, LocalDate date, String title) {}

    /**
     * One side.
     *
     * @param from what was known at the end of the first day; missing where too few runs spoke for it
     * @param to the same of the second
     * @param change between them, as sure as it is; missing where one is
     * @param fromRuns ridden on the first day that count
     * @param fromClean how many of them were clean
     */
    record SideComparison(
            Side side,
            @Nullable EstimateJson from,
            @Nullable EstimateJson to,
            @Nullable ChangeJson change,
            int fromRuns,
            int fromClean,
            int toRuns,
            int toClean) {}
}
