package wrenlane.server.exchange.days;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import wrenlane.course.Course;
import wrenlane.finding.Finding;
import wrenlane.machine.MachineTurn;
import wrenlane.server.course.CourseRequest;
import wrenlane.server.course.kit.KitJson;
import wrenlane.server.day.DayRequest;
import wrenlane.server.exchange.days.ImportDocument.DayItem;
import wrenlane.server.exchange.days.ImportDocument.RiderItem;
import wrenlane.server.exchange.days.ImportDocument.VirtualRiderItem;
import wrenlane.server.ground.yard.YardRequest;
import wrenlane.server.lesson.goal.GoalJson;
import wrenlane.server.people.machine.MachineRequest;

/**
 * A file of days, checked and ready to be stored: everything computed that has to be, so that storing takes no longer than
 * writing does.
 *
 * @param simulatedRuns how many runs its virtual riders will make
 * @param problems everything that is wrong; it may be stored only where there is nothing
 */
record PreparedDays(
        @Nullable KitJson kit,
        List<ReadyItem<YardRequest>> yards,
        List<ReadyItem<ReadyMachine>> machines,
        List<ReadyItem<ReadyRider>> riders,
        List<ReadyItem<ReadyCourse>> courses,
        List<ReadyItem<ReadyDay>> days,
        Map<String, VirtualRiderItem> virtualRiders,
        int simulatedRuns,
        List<Finding> problems) {

    /** The same with other problems. */
    PreparedDays withProblems(List<Finding> others) {
        return new PreparedDays(kit, yards, machines, riders, courses, days, virtualRiders, simulatedRuns, others);
    }

    /**
     * One thing of a file.
     *
     * @param key it is referred to by within the file
     * @param name as it will be shown
     * @param more fields this version does not know
     */
    record ReadyItem<T>(
            String key, String name, T thing, @Nullable Map<String, JsonNode> more) {}

    /** A machine, and what it can do. */
    record ReadyMachine(MachineRequest request, MachineTurn turn) {}

    /** A rider, with what they want to ride, on no machine yet. */
    record ReadyRider(RiderItem item, @Nullable GoalJson goal) {}

    /** A course as it is stored, and to compute with. */
    record ReadyCourse(CourseRequest request, Course course) {}

    /**
     * A day with its date known.
     *
     * @param draft the day as it will be stored, but for its numbers: those are places in the file
     */
    record ReadyDay(DayItem item, DayRequest draft) {}
}
