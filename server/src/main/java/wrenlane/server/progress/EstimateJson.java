package wrenlane.server.progress;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.machine.Side;
import wrenlane.progress.CleanSetting;
import wrenlane.run.RunRecord;

/**
 * The tightest setting ridden clean four times in five: an estimate.
 *
 * @param metres on the machine reckoned for
 * @param lowMetres 10th percentile
 * @param highMetres 90th percentile
 */
public record EstimateJson(
        double tightness,
        double lowTightness,
        double highTightness,
        double metres,
        double lowMetres,
        double highMetres) {

    /** From the latest runs to a side; null where they are too few. */
    static @Nullable EstimateJson of(List<RunRecord> runs, Side side, double limitMetres) {
        return CleanSetting.recent(runs.stream().filter(r -> r.side() == side).toList())
                .map(e -> of(e, limitMetres))
                .orElse(null);
    }

    private static EstimateJson of(CleanSetting e, double limit) {
        return new EstimateJson(
                e.tightness(),
                e.lowTightness(),
                e.highTightness(),
                e.tightness() * limit,
                e.lowTightness() * limit,
                e.highTightness() * limit);
    }

    CleanSetting setting() {
        return new CleanSetting(tightness, lowTightness, highTightness);
    }
}
