package wrenlane.server.progress;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.machine.Side;
import wrenlane.progress.Drift;
import wrenlane.run.Fault;
import wrenlane.server.run.RunResponse;

/**
 * A rider's U-turns over all days.
 *
 * @param machineName the machine the limits and metres are for; missing where the rider has none
 * @param standing missing where the rider has no machine
 * @param days with runs, oldest first
 * @param gap between the sides; missing where one is not known
 * @param standstill what is said where sides have come to one; missing where they have not
 * @param measured by the watch, over a lane, by tape; only what was
 * @param heldBack by what, the commonest first; empty where the runs say too little
 */
public record ProgressResponse(
        long riderId,
        @Nullable String machineName,
        String kind,
        String settingLabel,
        List<KindRidden> kinds,
        @Nullable Standing standing,
        List<ProgressDay> days,
        SideTally left,
        SideTally right,
        @Nullable GapJson gap,
        @Nullable String standstill,
        List<Measurement> measured,
        List<HeldBackJson> heldBack) {

    /** A kind of course the rider has runs on. */
    public record KindRidden(String kind, String label) {}

    /**
     * One day.
     *
     * @param left estimate as it stood at the end of that day
     * @param leftChange since the day before with an estimate
     * @param leftSinceStart since the first day with an estimate
     */
    public record ProgressDay(
            long dayId,
            LocalDate date,
            String title,
            List<RunResponse> runs,
            @Nullable EstimateJson left,
            @Nullable EstimateJson right,
            @Nullable ChangeJson leftChange,
            @Nullable ChangeJson rightChange,
            @Nullable ChangeJson leftSinceStart,
            @Nullable ChangeJson rightSinceStart) {}

    /** How often a fault was seen. */
    public record FaultCount(Fault fault, String label, int count) {}

    /** Runs counted to one side; faults the most frequent first. */
    public record SideTally(Side side, int runs, int clean, List<FaultCount> faults) {}

    /**
     * Something measured, and where it is going.
     *
     * @param what in words, as said in a sentence
     * @param clear whether it goes anywhere that is more than chance
     */
    public record Measurement(String what, Unit unit, Drift drift, boolean clear) {
        /** What it is measured in. */
        public enum Unit {
            SECONDS,
            METRES_PER_SECOND,
            METRES
        }
    }
}
