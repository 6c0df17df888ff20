package wrenlane.server.progress.run;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wrenlane.course.CourseKind;
import wrenlane.drill.Drill;
import wrenlane.finding.TypedText;
import wrenlane.id.CourseId;
import wrenlane.id.DayId;
import wrenlane.id.MachineId;
import wrenlane.id.RiderId;
import wrenlane.id.RunId;
import wrenlane.machine.Side;
import wrenlane.run.Fault;
import wrenlane.run.NamedDrill;
import wrenlane.run.Run;
import wrenlane.run.RunContext;
import wrenlane.run.RunDetail;
import wrenlane.run.RunSort;

/**
 * A run as logged on the yard: of a drill, on a course or on none. Its id, in the address, is made by the page.
 *
 * @param drillId missing where no drill is named: then it counts for every drill its course is for
 * @param courseId missing where it was ridden on none
 * @param side turned to; missing on a course ridden straight on, and without a course where the drill has no side
 * @param settingMetres the size ridden; missing without a course
 * @param faults empty for a clean run
 * @param loggedAt by the page's clock
 * @param said beside its faults; stands beside the rest in the JSON
 * @param replaces id of the run this one corrects, in whose place it stands
 * @param device the name the device goes by that it was logged on
 */
record RunRequest(
        @NotNull Long dayId,
        @NotNull Long riderId,
        @NotNull Long machineId,
        @Nullable @Size(max = 80) String drillId,
        @Nullable Long courseId,
        @Nullable Side side,
        @Nullable Double settingMetres,
        @NotNull @Size(max = 7) Set<@NotNull Fault> faults,
        @NotNull Instant loggedAt,
        @JsonUnwrapped @Valid Detail said,
        @Nullable String replaces,
        @Nullable @Size(max = 200) String device) {
    /**
     * What a logged run says beside its faults.
     *
     * @param sort of entry; a run where missing
     * @param seconds by the watch
     * @param minutes of a timed ride
     * @param laps of a timed ride
     * @param faultCounts how often each fault was seen in a timed ride
     * @param note in the instructor's words
     * @param observed how it was ridden, where somebody said
     * @param score what was measured of it
     */
    record Detail(
            @Nullable RunSort sort,
            @Nullable Double seconds,
            @Nullable Double minutes,
            @Nullable Integer laps,
            @Nullable @Size(max = 7) Map<Fault, @NotNull Integer> faultCounts,
            @Nullable @Size(max = 400) String note,
            @Nullable @Valid ObservationJson observed,
            @Nullable @Valid ScoreJson score) {

        RunDetail detail() {
            return new RunDetail(
                    sort == null ? RunSort.RUN : sort,
                    Optional.ofNullable(seconds),
                    Optional.ofNullable(minutes),
                    Optional.ofNullable(laps),
                    faultCounts == null ? Map.of() : faultCounts,
                    note == null ? "" : TypedText.line(note),
                    ObservationJson.observed(observed),
                    Optional.ofNullable(score).map(ScoreJson::score));
        }
    }

    /** What it says beside its faults. */
    RunDetail detail() {
        return said.detail();
    }

    RunContext context(Optional<Drill> drill) {
        return new RunContext(
                new DayId(dayId),
                new RiderId(riderId),
                new MachineId(machineId),
                drill.map(d -> new NamedDrill(d.id(), d.name())));
    }

    /** Whether a stored run is this one, sent again; whatever has become since of what it was ridden on. */
    boolean isSameAs(Run run) {
        return dayId == run.dayId().value()
                && riderId == run.riderId().value()
                && machineId == run.machineId().value()
                && Optional.ofNullable(drillId).equals(run.drillId())
                && Optional.ofNullable(courseId).map(CourseId::new).equals(run.courseId())
                && (Optional.ofNullable(side).equals(run.side())
                        || run.kind().filter(CourseKind::isStraight).isPresent())
                && Optional.ofNullable(settingMetres).equals(run.sizeMetres())
                && faults.equals(run.faults())
                && detail().equals(run.detail())
                && Optional.ofNullable(replaces).equals(run.log().replaces().map(RunId::value));
    }

    /** The name of the device, tidied; empty where it did not say. */
    String deviceName() {
        return device == null ? "" : TypedText.line(device);
    }
}
