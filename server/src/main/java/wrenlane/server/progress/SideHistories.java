package wrenlane.server.progress;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import wrenlane.machine.Side;
import wrenlane.progress.Change;
import wrenlane.progress.CleanChance;
import wrenlane.progress.CleanSetting;
import wrenlane.progress.GoalGap;
import wrenlane.progress.Pace;

/**
 * What was known of both sides at the end of each day with runs.
 *
 * @param before any run
 * @param days oldest first
 */
public record SideHistories(CleanChance before, List<DayChances> days) {
    /** At the end of one day. */
    public record DayChances(long dayId, Map<Side, CleanChance> of) {
        public CleanChance of(Side side) {
            return Objects.requireNonNull(of.get(side));
        }
    }

    public SideHistories {
        days = List.copyOf(days);
    }

    /** A side as it is known now, with the estimates of all days that have runs enough for one. */
    public GoalGap.SideForecast of(Side side) {
        return new GoalGap.SideForecast(
                days.isEmpty() ? before : days.get(days.size() - 1).of(side), settings(side));
    }

    /** Whether a side has come to a standstill. */
    boolean isLevel(Side side) {
        return Pace.isLevel(settings(side));
    }

    /** How a side has changed by the end of a day, since the last day before it with runs enough to say. */
    Optional<Change> sinceLast(Side side, long dayId) {
        List<CleanChance> earlier = before(side, dayId);
        return earlier.isEmpty()
                ? Optional.empty()
                : Optional.of(Change.of(earlier.get(earlier.size() - 1), at(side, dayId)));
    }

    /** The same since the first day with runs enough. */
    Optional<Change> sinceStart(Side side, long dayId) {
        return before(side, dayId).stream().findFirst().map(first -> Change.of(first, at(side, dayId)));
    }

    private List<CleanChance> before(Side side, long dayId) {
        return enough(side, days.stream().takeWhile(day -> day.dayId() != dayId));
    }

    private CleanChance at(Side side, long dayId) {
        return days.stream()
                .filter(day -> day.dayId() == dayId)
                .findFirst()
                .map(day -> day.of(side))
                .orElse(before);
    }

    private static List<CleanChance> enough(Side side, Stream<DayChances> days) {
        return days.map(day -> day.of(side))
                .filter(chance -> chance.runs() >= CleanSetting.FEWEST_RUNS)
                .toList();
    }

    private List<CleanSetting> settings(Side side) {
        return enough(side, days.stream()).stream().map(CleanChance::fourInFive).toList();
    }
}
