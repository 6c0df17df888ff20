package wrenlane.server.progress;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.machine.Side;
import wrenlane.progress.CleanSetting;
import wrenlane.run.RunRecord;
import wrenlane.verdict.Tightness;

/**
 * The tightest setting ridden clean four times in five: an estimate.
 *
 * @param metres on the machine reckoned for; missing where nothing is known of it
 * @param lowMetres 10th percentile
 * @param highMetres 90th percentile
 */
public record EstimateJson(
        double tightness,
        double lowTightness,
        double highTightness,
        @Nullable Double metres,
        @Nullable Double lowMetres,
        @Nullable Double highMetres) {

    /** From the latest runs to a side; null where they are too few. */
    static @Nullable EstimateJson of(List<RunRecord> runs, Side side, Tightness over) {
        return CleanSetting.recent(runs.stream().filter(r -> r.side() == side).toList())
                .map(e -> of(e, over))
                .orElse(null);
    }

    private static EstimateJson of(CleanSetting e, Tightness over) {
        return new EstimateJson(
                e.tightness(),
                e.lowTightness(),
                e.highTightness(),
                over.settingAt(e.tightness()).orElse(null),
                over.settingAt(e.lowTightness()).orElse(null),
                over.settingAt(e.highTightness()).orElse(null));
    }

    CleanSetting setting() {
        return new CleanSetting(tightness, lowTightness, highTightness);
    }
}
