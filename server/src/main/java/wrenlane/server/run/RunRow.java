package wrenlane.server.run;

import java.time.Instant;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import wrenlane.machine.Side;
import wrenlane.run.Fault;

/**
 * A row of the run table.
 *
 * @param settings what else the course was set to: name=value, one to a line
 * @param faults names joined by commas; empty for a clean run
 */
public record RunRow(
        String id,
        Long dayId,
        Long riderId,
        Long machineId,
        Long courseId,
        String courseName,
        String kind,
        String side,
        Double settingM,
        String settings,
        Double limitM,
        String faults,
        String loggedAt,
        Boolean simulated,
        @Nullable String withdrawnAt) {

    static String joined(Collection<Fault> faults) {
        return faults.stream().sorted().map(Fault::name).collect(Collectors.joining(","));
    }

    private List<Fault> faultList() {
        return faults.isEmpty()
                ? List.of()
                : Arrays.stream(faults.split(",")).map(Fault::valueOf).toList();
    }

    RunResponse response() {
        return new RunResponse(
                id,
                dayId,
                riderId,
                machineId,
                courseId,
                courseName,
                kind,
                Side.valueOf(side),
                settingM,
                limitM,
                settingM / limitM,
                faultList(),
                Instant.parse(loggedAt),
                simulated,
                withdrawnAt != null);
    }

    /** Whether the same run was sent again. */
    boolean says(RunRow other) {
        return dayId.equals(other.dayId)
                && riderId.equals(other.riderId)
                && machineId.equals(other.machineId)
                && courseId.equals(other.courseId)
                && side.equals(other.side)
                && settingM.equals(other.settingM)
                && faults.equals(other.faults);
    }
}
