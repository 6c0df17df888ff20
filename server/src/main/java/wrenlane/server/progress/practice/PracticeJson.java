package wrenlane.server.progress.practice;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wrenlane.progress.Practice;
import wrenlane.server.platform.length.LengthJson;

/**
 * What a rider practised alone, as they tell it.
 *
 * @param kind of course that comes nearest to it, in its usual form
 * @param on which day
 * @param minutes ridden
 * @param setting of the ladder's dimension; missing where nothing was counted
 * @param note in their own words
 */
record PracticeJson(
        @NotNull String kind,
        @NotNull Long machineId,
        @NotNull LocalDate on,
        @NotNull Double minutes,
        @Nullable @Valid LengthJson setting,
        @NotNull @Valid SideCount left,
        @NotNull @Valid SideCount right,
        @NotNull @Size(max = 200) String note) {

    /** Runs to a side. */
    record SideCount(@NotNull Integer runs, @NotNull Integer clean) {
        Practice.SideRuns told() {
            return new Practice.SideRuns(runs, clean);
        }
    }

    Practice practice() {
        return new Practice(
                on, minutes, Optional.ofNullable(setting).map(LengthJson::metres), left.told(), right.told());
    }
}
