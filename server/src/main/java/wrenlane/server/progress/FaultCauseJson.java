package wrenlane.server.progress;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.coaching.Cause;
import wrenlane.coaching.FaultCause;
import wrenlane.verdict.MistakeCost.Mistake;

/**
 * What holds a rider back, with what speaks for it.
 *
 * @param sentence the fault and what it was mostly seen with, with the counts
 * @param likely what that usually comes from; missing where the table has nothing for it
 * @param cue said for it, in at most five words
 * @param drills ids of drills to go back to
 * @param mistake whose cost on a course says how much it matters there; missing where none is computed
 */
public record FaultCauseJson(
        String sentence,
        @Nullable String likely,
        @Nullable String cue,
        List<String> drills,
        @Nullable Mistake mistake) {
    static FaultCauseJson of(FaultCause held) {
        return new FaultCauseJson(
                held.sentence(),
                held.cause().map(Cause::likely).orElse(null),
                held.cause().map(Cause::cue).orElse(null),
                held.cause().map(Cause::drills).orElse(List.of()),
                held.mistake().orElse(null));
    }
}
