package wrenlane.server.progress.run;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wrenlane.course.Sizes;
import wrenlane.machine.Side;
import wrenlane.run.Fault;
import wrenlane.run.Observed;
import wrenlane.run.RunDetail;
import wrenlane.run.RunSort;

/**
 * A run as stored.
 *
 * @param drillId the drill it names; missing where it names none
 * @param drillName what the drill was called then; missing where it names none
 * @param courseId missing where it was ridden on no course, as are its name, kind and setting
 * @param kind the kind of course
 * @param side turned to; missing on a course ridden straight on, and without a course where the drill has no side
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
        @Nullable String drillId,
        @Nullable String drillName,
        @Nullable Long courseId,
        @Nullable String courseName,
        @Nullable String kind,
        @Nullable Side side,
        @Nullable Double settingMetres,
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
    /** Whether it was ridden at a size, in metres. */
    public boolean isAt(double sizeMetres) {
        return settingMetres != null && Sizes.areSame(settingMetres, sizeMetres);
    }

    /** Whether it was ridden on a course. */
    public boolean isOn(long course) {
        return courseId != null && courseId == course;
    }

    /** The drill it names. */
    public Optional<String> drill() {
        return Optional.ofNullable(drillId);
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
