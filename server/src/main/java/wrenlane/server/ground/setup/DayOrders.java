package wrenlane.server.ground.setup;

import java.util.List;
import org.springframework.stereotype.Service;
import wrenlane.course.NestedCourse;
import wrenlane.finding.Checks;
import wrenlane.server.platform.calculation.Kept;
import wrenlane.server.platform.calculation.Rank;
import wrenlane.server.platform.calculation.Reckoning;
import wrenlane.server.platform.calculation.Weights;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.setout.DayOrder;
import wrenlane.setout.SetOutSheet;
import wrenlane.units.LengthSystem;

/** The orders of days' courses with the least change-over, kept: each pair of courses is one walk to be found. */
@Service
class DayOrders {
    /** Memory for the orders, in bytes. */
    private static final long MOST_BYTES = 2_000_000;

    private record Asked(List<NestedCourse> courses, List<Integer> keepInOrder, LengthSystem system, int stackHolds) {
        /** Memory it takes with its order, in bytes: an estimate; the order is a few numbers for each pair. */
        int bytes() {
            return courses.stream()
                    .map(NestedCourse::courses)
                    .flatMap(List::stream)
                    .mapToInt(course -> Weights.of(course) + courses.size() * 100)
                    .sum();
        }

        DayOrder best() {
            List<SetOutSheet> sheets =
                    courses.stream().map(c -> SetOutSheet.of(c, system)).toList();
            return DayOrder.best(sheets, keepInOrder, SetOutSheet.DATUM, stackHolds);
        }
    }

    private final Kept<Asked, DayOrder> orders = Kept.within(MOST_BYTES, Asked::bytes);
    private final Reckoning reckoning;

    DayOrders(Reckoning reckoning) {
        this.reckoning = reckoning;
    }

    /**
     * The best order, or refused where a number is none of a course.
     *
     * @param keepInOrder numbers of courses, 0 for the first, that keep the order in which they stand
     * @param stackHolds most cones in hand
     */
    DayOrder best(List<NestedCourse> courses, List<Integer> keepInOrder, LengthSystem system, int stackHolds) {
        Checks checks = new Checks();
        keepInOrder.forEach(
                i -> checks.add(Checks.range("keepInOrder", "A course's number", i, 0, courses.size() - 1, "")));
        RefusedException.unlessNone(checks);
        Asked asked =
                new Asked(courses, keepInOrder.stream().distinct().sorted().toList(), system, stackHolds);
        return orders.get(asked, () -> reckoning.whole(Rank.ONE, "the order of the day", asked::best));
    }
}
