package wrenlane.server.progress.cause;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import wrenlane.coaching.Cause;
import wrenlane.finding.TypedText;
import wrenlane.run.DropCause;
import wrenlane.run.Fault;
import wrenlane.run.Technique;
import wrenlane.server.platform.http.VisibleText;

/**
 * A row of the table of causes.
 *
 * @param faults any of which is seen
 * @param technique any of which is seen with it
 * @param before any of which came last before a drop
 * @param likely what it comes from
 * @param cue said for it
 * @param drills ids of drills to go back to, the first first
 */
record CauseJson(
        @NotNull Set<@NotNull Fault> faults,
        @NotNull Set<@NotNull Technique> technique,
        @NotNull Set<@NotNull DropCause> before,
        @VisibleText @Size(max = Cause.LONGEST_LIKELY) String likely,
        @VisibleText @Size(max = 60) String cue,
        @NotNull @Size(max = Cause.MOST_DRILLS) List<@NotNull String> drills) {

    static CauseJson of(Cause cause) {
        return new CauseJson(
                cause.faults(), cause.technique(), cause.before(), cause.likely(), cause.cue(), cause.drills());
    }

    Cause cause() {
        return new Cause(faults, technique, before, TypedText.line(likely), TypedText.line(cue), drills);
    }
}
