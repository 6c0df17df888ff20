package wrenlane.server.progress;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import wrenlane.machine.Side;
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
        CleanChance of(Side side) {
            return Objects.requireNonNull(of.get(side));
        }
    }

    public SideHistories {
        days = List.copyOf(days);
    }

    /** A side as it is known now, with the estimates of all days that have runs enough for one. */
    public GoalGap.OfSide of(Side side) {
        return new GoalGap.OfSide(
                days.isEmpty() ? before : days.get(days.size() - 1).of(side), settings(side));
    }

    /** Whether a side has come to a standstill. */
    boolean isLevel(Side side) {
        return Pace.isLevel(settings(side));
    }

    private List<CleanSetting> settings(Side side) {
        return days.stream()
                .map(day -> day.of(side))
                .filter(chance -> chance.runs() >= CleanSetting.FEWEST_RUNS)
                .map(CleanChance::fourInFive)
                .toList();
    }
}
