package wrenlane.server.lesson.goal;

import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wrenlane.finding.TypedText;
import wrenlane.server.platform.length.LengthJson;

/**
 * A row of the goal table.
 *
 * @param kind of course; missing, with all after it, where the goal was taken away
 */
record GoalRow(
        Long riderId,
        Long version,
        String name,
        @Nullable String kind,
        @Nullable Long machineId,
        @Nullable LengthJson setting,
        @Nullable String wantedBy,
        @Nullable Integer everyDays) {

    static GoalRow of(long riderId, long version, GoalJson goal) {
        return new GoalRow(
                riderId,
                version,
                TypedText.line(goal.name()),
                goal.kind(),
                goal.machineId(),
                goal.setting(),
                Optional.ofNullable(goal.by()).map(LocalDate::toString).orElse(null),
                goal.everyDays());
    }

    static GoalRow takenAway(long riderId, long version) {
        return new GoalRow(riderId, version, "", null, null, null, null, null);
    }

    /** Empty where it was taken away. */
    Optional<GoalJson> goal() {
        return Optional.ofNullable(kind)
                .map(of -> new GoalJson(
                        name,
                        of,
                        Objects.requireNonNull(machineId),
                        Objects.requireNonNull(setting),
                        Optional.ofNullable(wantedBy).map(LocalDate::parse).orElse(null),
                        everyDays));
    }
}
