package wrenlane.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What another way of teaching changes about one drill.
 *
 * @param what whether it comes, goes, or is taught otherwise
 * @param details in words; empty where it comes or goes
 */
public record TeachingChange(String id, String name, Stage stage, ChangeKind what, List<String> details) {
    /** The change as a whole. */
    public enum ChangeKind {
        COMES,
        GOES,
        CHANGES
    }

    public TeachingChange {
        details = List.copyOf(details);
    }

    /** The change of a drill that is taught before, after, both, or neither; empty where nothing changes. */
    static Optional<TeachingChange> between(Drill drill, @Nullable TaughtDrill before, @Nullable TaughtDrill after) {
        if (Objects.equals(before, after)) {
            return Optional.empty();
        }
        if (before == null) {
            return Optional.of(
                    new TeachingChange(drill.id(), drill.name(), drill.stage(), ChangeKind.COMES, List.of()));
        }
        if (after == null) {
            return Optional.of(new TeachingChange(drill.id(), drill.name(), drill.stage(), ChangeKind.GOES, List.of()));
        }
        List<String> details = details(before, after);
        return details.isEmpty()
                ? Optional.empty()
                : Optional.of(new TeachingChange(drill.id(), drill.name(), drill.stage(), ChangeKind.CHANGES, details));
    }

    private static List<String> details(TaughtDrill before, TaughtDrill after) {
        List<String> details = new ArrayList<>();
        if (!before.cue().equals(after.cue())) {
            details.add("Cue: “" + after.cue() + "” for “" + before.cue() + "”.");
        }
        if (!before.look().equals(after.look())) {
            details.add("Look: " + String.join(" ", after.look()));
        }
        if (!before.steps().equals(after.steps())) {
            details.add(
                    "Steps the other way round, from “" + after.steps().get(0).says() + "” to “"
                            + after.steps().get(after.steps().size() - 1).says() + "”.");
        }
        after.cautions().stream().filter(c -> !before.cautions().contains(c)).forEach(details::add);
        return details;
    }
}
