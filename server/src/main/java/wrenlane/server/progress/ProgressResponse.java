package wrenlane.server.progress;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import wrenlane.finding.Sentence;
import wrenlane.machine.NamedMachine;
import wrenlane.machine.Side;
import wrenlane.progress.Drift;
import wrenlane.run.AssessedRun;
import wrenlane.run.CourseRide;
import wrenlane.run.Fault;
import wrenlane.run.Run;
import wrenlane.run.RunDetail;
import wrenlane.run.RunSort;
import wrenlane.server.progress.history.KindHistory;
import wrenlane.server.progress.run.RunMeasures;

/**
 * A rider's runs on one kind of course over all days.
 *
 * @param subject stands beside the rest in the JSON
 * @param riderSizes missing where the rider has no machine
 * @param days with runs, oldest first
 * @param changes by the last of them, since the day before and the start; empty where too little is known
 * @param gap between the sides; missing where one is not known
 * @param standstill what is said where sides have come to one; missing where they have not
 * @param measured by the watch, over a lane, by tape; only what was
 * @param heldBack by what, the commonest first; empty where the runs say too little
 */
public record ProgressResponse(
        @JsonUnwrapped Subject subject,
        List<RiddenKind> kinds,
        @Nullable RiderSizes riderSizes,
        List<ProgressDay> days,
        List<SideChange> changes,
        SideTally left,
        SideTally right,
        @Nullable GapJson gap,
        @Nullable String standstill,
        List<Measurement> measured,
        List<FaultCauseJson> heldBack) {

    /**
     * Whose progress it is, on what.
     *
     * @param machineName the machine the limits and metres are for; missing where the rider has none
     * @param straight whether the kind is ridden straight on: it has no sides, and all its runs are counted to the left
     */
    public record Subject(
            long riderId, @Nullable String machineName, String kind, String settingLabel, boolean straight) {
        static Subject of(KindHistory read) {
            return new Subject(
                    read.rider().id().value(),
                    read.machine().map(NamedMachine::name).orElse(null),
                    read.kind().id(),
                    read.kind().ladder().label(),
                    read.kind().isStraight());
        }
    }

    /** A kind of course the rider has runs on. */
    public record RiddenKind(String kind, String label) {}

    /**
     * A run as it is drawn and listed: as little as a page of a thousand of them needs.
     *
     * @param side turned to; missing on kinds ridden straight on
     * @param difficulty of the setting on the machine; missing on kinds ridden straight on
     * @param measures stand beside the rest in the JSON
     * @param faultCounts how often each fault was seen in a timed ride; missing for anything else
     * @param note missing where none was written
     * @param simulated whether it comes from a virtual rider
     */
    public record ShownRun(
            String id,
            long machineId,
            String courseName,
            @Nullable Side side,
            double settingMetres,
            @Nullable Double difficulty,
            List<Fault> faults,
            RunSort sort,
            @JsonUnwrapped RunMeasures measures,
            @Nullable Map<Fault, Integer> faultCounts,
            @Nullable String note,
            boolean simulated) {
        static ShownRun of(AssessedRun assessed) {
            Run run = assessed.run();
            CourseRide ride = run.ride().orElseThrow();
            RunDetail detail = run.detail();
            return new ShownRun(
                    run.id().value(),
                    run.machineId().value(),
                    ride.courseName(),
                    run.side().orElse(null),
                    ride.sizeMetres(),
                    assessed.difficulty().orElse(null),
                    List.copyOf(run.faults()),
                    detail.sort(),
                    RunMeasures.of(run),
                    detail.faultCounts().isEmpty() ? null : detail.counted(),
                    detail.note().isEmpty() ? null : detail.note(),
                    run.log().simulated());
        }
    }

    /**
     * One day.
     *
     * @param left estimate as it stood at the end of that day
     */
    public record ProgressDay(
            long dayId,
            LocalDate date,
            String title,
            List<ShownRun> runs,
            @Nullable EstimateJson left,
            @Nullable EstimateJson right) {}

    /** A change of a side by the last day, no surer than it is. */
    public record SideChange(String what, Sentence words) {}

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
