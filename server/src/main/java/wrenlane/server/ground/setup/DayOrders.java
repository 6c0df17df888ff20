package wrenlane.server.ground.setup;

import java.util.List;
import org.springframework.stereotype.Service;
import wrenlane.course.NestedCourse;
import wrenlane.finding.Checks;
import wrenlane.server.platform.calculation.BoundedCache;
import wrenlane.server.platform.calculation.ComputeScheduler;
import wrenlane.server.platform.calculation.Priority;
import wrenlane.server.platform.calculation.Weights;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.setup.DayOrder;
import wrenlane.setup.SetupSheet;
import wrenlane.units.LengthSystem;

/** The orders of days' courses with the least changeover, kept: each pair of courses is one walk to be found. */
@Service
class DayOrders {
    /** Memory for the orders, in bytes. */
    private static final long MOST_BYTES = 2_000_000;

    private record OrderQuestion(
            List<NestedCourse> courses, List<Integer> keepInOrder, LengthSystem system, int stackHolds) {
        /** Memory it takes with its order, in bytes: an estimate; the order is a few numbers for each pair. */
        int bytes() {
            return courses.stream()
                    .map(NestedCourse::courses)
                    .flatMap(List::stream)
                    .mapToInt(course -> Weights.of(course) + courses.size() * 100)
                    .sum();
        }

        DayOrder best() {
            List<SetupSheet> sheets =
                    courses.stream().map(c -> SetupSheet.of(c, system)).toList();
            return DayOrder.best(sheets, keepInOrder, SetupSheet.DATUM, stackHolds);
        }
    }

    private final BoundedCache<OrderQuestion, DayOrder> orders = BoundedCache.within(MOST_BYTES, OrderQuestion::bytes);
    private final ComputeScheduler scheduler;

    DayOrders(ComputeScheduler scheduler) {
        this.scheduler = scheduler;
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
        OrderQuestion asked = new OrderQuestion(
                courses, keepInOrder.stream().distinct().sorted().toList(), system, stackHolds);
        return orders.get(asked, () -> scheduler.whole(Priority.ONE, "the order of the day", asked::best));
    }
}
