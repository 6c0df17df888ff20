package wrenlane.server.progress.run;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import wrenlane.course.CourseKind;
import wrenlane.id.CourseId;
import wrenlane.id.RunId;
import wrenlane.machine.Side;
import wrenlane.run.CourseRide;
import wrenlane.run.Fault;
import wrenlane.run.NamedDrill;
import wrenlane.run.Run;
import wrenlane.run.RunDetail;
import wrenlane.run.RunLog;
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
    /** As it goes over the wire. */
    public static RunResponse of(Run run) {
        RunDetail detail = run.detail();
        RunLog log = run.log();
        return new RunResponse(
                run.id().value(),
                run.dayId().value(),
                run.riderId().value(),
                run.machineId().value(),
                run.drillId().orElse(null),
                run.context().drill().map(NamedDrill::name).orElse(null),
                run.courseId().map(CourseId::value).orElse(null),
                run.ride().map(CourseRide::courseName).orElse(null),
                run.kind().map(CourseKind::id).orElse(null),
                run.side().orElse(null),
                run.sizeMetres().orElse(null),
                List.copyOf(run.faults()),
                run.at(),
                log.simulated(),
                run.isWithdrawn(),
                detail.sort(),
                detail.seconds().orElse(null),
                run.speedMetresPerSecond().orElse(null),
                detail.minutes().orElse(null),
                detail.laps().orElse(null),
                detail.counted(),
                detail.note(),
                ObservedJson.of(detail.observed()),
                detail.score().map(ScoreJson::of).orElse(null),
                log.replaces().map(RunId::value).orElse(null),
                log.correction().map(RunLog.Correction::at).orElse(null),
                log.device(),
                log.withdrawal().map(RunLog.Withdrawal::at).orElse(null),
                log.withdrawal().map(RunLog.Withdrawal::device).orElse(""));
    }
}
