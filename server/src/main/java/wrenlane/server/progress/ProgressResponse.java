package wrenlane.server.progress;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.machine.Side;
import wrenlane.run.Fault;
import wrenlane.server.run.RunResponse;

/**
 * A rider's U-turns over all days.
 *
 * @param machineName the machine the limits and metres are for; missing where the rider has none
 * @param standing missing where the rider has no machine
 * @param days with runs, oldest first
 */
record ProgressResponse(
        long riderId,
        @Nullable String machineName,
        String kind,
        String settingLabel,
        List<KindRidden> kinds,
        @Nullable Standing standing,
        List<ProgressDay> days,
        SideTally left,
        SideTally right) {

    /** A kind of course the rider has runs on. */
    record KindRidden(String kind, String label) {}

    /**
     * One day.
     *
     * @param left estimate as it stood at the end of that day
     */
    record ProgressDay(
            long dayId,
            LocalDate date,
            String title,
            List<RunResponse> runs,
            @Nullable EstimateJson left,
            @Nullable EstimateJson right) {}

    /** How often a fault was seen. */
    record FaultCount(Fault fault, String label, int count) {}

    /** Runs counted to one side; faults the most frequent first. */
    record SideTally(Side side, int runs, int clean, List<FaultCount> faults) {}
}
