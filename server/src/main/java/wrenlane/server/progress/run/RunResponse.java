package wrenlane.server.progress.run;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import wrenlane.course.CourseKind;
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
 * A run as stored. Its parts stand beside each other in the JSON.
 *
 * @param drillId the drill it names; missing where it names none
 * @param drillName what the drill was called then; missing where it names none
 * @param ride missing where it was ridden on no course
 * @param side turned to; missing on a course ridden straight on, and without a course where the drill has no side
 */
public record RunResponse(
        String id,
        long dayId,
        long riderId,
        long machineId,
        @Nullable String drillId,
        @Nullable String drillName,
        @JsonUnwrapped @Nullable Ride ride,
        @Nullable Side side,
        List<Fault> faults,
        Instant loggedAt,
        @JsonUnwrapped Detail detail,
        @JsonUnwrapped Log log) {

    /**
     * The course it was ridden on, as it was then.
     *
     * @param kind the kind of course
     */
    record Ride(long courseId, String courseName, String kind, double settingMetres) {
        static Ride of(CourseRide ride) {
            CourseKind kind = ride.course().kind();
            return new Ride(ride.courseId().value(), ride.courseName(), kind.id(), ride.sizeMetres());
        }
    }

    /**
     * What it says beside its faults.
     *
     * @param faultCounts how often each fault was seen in a timed ride; empty for anything else
     * @param observed how it was ridden; missing where nobody said
     * @param score what was measured of it; missing where nothing was
     */
    record Detail(
            RunSort sort,
            @JsonUnwrapped RunMeasures measures,
            Map<Fault, Integer> faultCounts,
            String note,
            @Nullable ObservationJson observed,
            @Nullable ScoreJson score) {
        static Detail of(Run run) {
            RunDetail detail = run.detail();
            return new Detail(
                    detail.sort(),
                    RunMeasures.of(run),
                    detail.counted(),
                    detail.note(),
                    ObservationJson.of(detail.observed()),
                    detail.score().map(ScoreJson::of).orElse(null));
        }
    }

    /**
     * How it came into the log, and out of it.
     *
     * @param simulated whether it comes from a virtual rider
     * @param withdrawn whether it was undone
     * @param replaces id of the run this one corrects; missing where it corrects none
     * @param correctedAt when the correction was made, by the page's clock; missing where it corrects none
     * @param device the name of the device it was logged on; empty where it did not say
     * @param withdrawnAt when it was undone or corrected; missing while it counts
     * @param withdrawnOn the name of the device that did
     */
    record Log(
            boolean simulated,
            boolean withdrawn,
            @Nullable String replaces,
            @Nullable Instant correctedAt,
            String device,
            @Nullable Instant withdrawnAt,
            String withdrawnOn) {
        static Log of(RunLog log) {
            return new Log(
                    log.simulated(),
                    log.withdrawal().isPresent(),
                    log.replaces().map(RunId::value).orElse(null),
                    log.correction().map(RunLog.Correction::at).orElse(null),
                    log.device(),
                    log.withdrawal().map(RunLog.Withdrawal::at).orElse(null),
                    log.withdrawal().map(RunLog.Withdrawal::device).orElse(""));
        }
    }

    /** As it goes over the wire. */
    public static RunResponse of(Run run) {
        return new RunResponse(
                run.id().value(),
                run.dayId().value(),
                run.riderId().value(),
                run.machineId().value(),
                run.drillId().orElse(null),
                run.context().drill().map(NamedDrill::name).orElse(null),
                run.ride().map(Ride::of).orElse(null),
                run.side().orElse(null),
                List.copyOf(run.faults()),
                run.at(),
                Detail.of(run),
                Log.of(run.log()));
    }
}
