package wrenlane.server.progress.run;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wrenlane.finding.TypedText;
import wrenlane.run.Fault;
import wrenlane.run.RunDetail;
import wrenlane.run.RunSort;

/**
 * What a logged run says beside its faults.
 *
 * @param sort of entry; a run where missing
 * @param seconds by the watch
 * @param minutes of a spell
 * @param laps of a spell
 * @param faultCounts how often each fault was seen in a spell
 * @param note in the instructor's words
 * @param observed how it was ridden, where somebody said
 * @param score what was measured of it
 */
record RunDetailRequest(
        @Nullable RunSort sort,
        @Nullable Double seconds,
        @Nullable Double minutes,
        @Nullable Integer laps,
        @Nullable @Size(max = 7) Map<Fault, @NotNull Integer> faultCounts,
        @Nullable @Size(max = 400) String note,
        @Nullable @Valid ObservedJson observed,
        @Nullable @Valid ScoreJson score) {

    RunDetail detail() {
        return new RunDetail(
                sort == null ? RunSort.RUN : sort,
                Optional.ofNullable(seconds),
                Optional.ofNullable(minutes),
                Optional.ofNullable(laps),
                faultCounts == null ? Map.of() : faultCounts,
                note == null ? "" : TypedText.line(note),
                ObservedJson.observed(observed),
                Optional.ofNullable(score).map(ScoreJson::score));
    }
}
