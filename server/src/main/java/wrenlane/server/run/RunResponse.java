package wrenlane.server.run;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wrenlane.machine.Side;
import wrenlane.run.Fault;
import wrenlane.run.Observed;
import wrenlane.run.RunDetail;
import wrenlane.run.RunRecord;
import wrenlane.run.RunSort;

/**
 * A run as stored.
 *
 * @param kind the kind of course
 * @param simulated whether it comes from a virtual rider
 * @param withdrawn whether it was undone
 * @param seconds by the watch; missing where it was not used
 * @param speedMetresPerSecond over a course of known length that is ridden straight on
 * @param minutes of a spell
 * @param laps of a spell
 * @param faultCounts how often each fault was seen in a spell; empty for anything else
 * @param observed how it was ridden; missing where nobody said
 * @param score what was measured of it; missing where nothing was
 * @param replaces id of the run this one corrects; missing where it corrects none
 * @param correctedAt when the correction was made, by the page's clock; missing where it corrects none
 * @param device the name of the device it was logged on; empty where it did not say
 * @param withdrawnAt when it was undone or corrected; missing while it counts
 * @param withdrawnOn the name of the device that did
 */
public record RunResponse(
        String id,
        long dayId,
        long riderId,
        long machineId,
        long courseId,
        String courseName,
        String kind,
        Side side,
        double settingMetres,
        List<Fault> faults,
        Instant loggedAt,
        boolean simulated,
        boolean withdrawn,
        RunSort sort,
        @Nullable Double seconds,
        @Nullable Double speedMetresPerSecond,
        @Nullable Double minutes,
        @Nullable Integer laps,
        Map<Fault, Integer> faultCounts,
        String note,
        @Nullable ObservedJson observed,
        @Nullable ScoreJson score,
        @Nullable String replaces,
        @Nullable Instant correctedAt,
        String device,
        @Nullable Instant withdrawnAt,
        String withdrawnOn) {
    /** For the core to reckon with. */
    public RunRecord record(Optional<Double> known) {
        return new RunRecord(side, settingMetres, known, Set.copyOf(faults), loggedAt);
    }

    /** What it says beside its faults. */
    public RunDetail detail() {
        return new RunDetail(
                sort,
                Optional.ofNullable(seconds),
                Optional.ofNullable(minutes),
                Optional.ofNullable(laps),
                faultCounts,
                note,
                observed == null ? Observed.NOTHING : observed.observed(),
                Optional.ofNullable(score).map(ScoreJson::score));
    }
}
