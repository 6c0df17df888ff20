package wrenlane.server.lesson.drill;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.drill.Catalogue;
import wrenlane.drill.DrillMastery;
import wrenlane.drill.PassMark;
import wrenlane.drill.TaughtDrill;
import wrenlane.lesson.LessonTasks;
import wrenlane.machine.Transmission;
import wrenlane.rider.RidingMethod;

/**
 * Where a rider stands on the stages, on a machine, in their school.
 *
 * @param drills those that are taught to this rider, by stage
 * @param unfinished whether time ran out before all runs were looked at; asked again, it goes on from there
 */
public record RiderDrills(
        long riderId,
        String riderName,
        long machineId,
        String machineName,
        Transmission transmission,
        RidingMethod school,
        List<RiderDrill> drills,
        boolean unfinished) {
    /**
     * One drill.
     *
     * @param pass the mark asked for on this machine
     * @param byRuns whether runs met its mark
     * @param shownOn when an instructor saw it mastered on this machine; missing where none did
     */
    public record RiderDrill(
            TaughtDrill drill,
            DrillMastery mastery,
            PassMark pass,
            boolean byRuns,
            @Nullable LocalDate shownOn) {}

    /** What this rider would ride where. */
    public LessonTasks tasks(Catalogue catalogue) {
        return new LessonTasks(
                catalogue,
                drills.stream().map(RiderDrill::drill).toList(),
                drills.stream().map(RiderDrill::mastery).toList(),
                transmission);
    }
}
