package wrenlane.server.progress;

import org.jspecify.annotations.Nullable;
import wrenlane.progress.CleanChance;
import wrenlane.progress.CleanSetting;
import wrenlane.verdict.Tightness;

/**
 * The tightest setting ridden clean four times in five: an estimate.
 *
 * @param tightness of that setting; a ratio, 1.00 asks for all the turn there is
 * @param lowTightness 5th percentile
 * @param highTightness 95th percentile
 * @param metres on the machine reckoned for; missing where nothing is known of it
 * @param lowMetres 5th percentile
 * @param highMetres 95th percentile
 */
public record EstimateJson(
        double tightness,
        double lowTightness,
        double highTightness,
        @Nullable Double metres,
        @Nullable Double lowMetres,
        @Nullable Double highMetres) {

    /** Of a side; null where too few runs speak for it. */
    static @Nullable EstimateJson of(CleanChance chance, Tightness over) {
        return chance.runs() < CleanSetting.FEWEST_RUNS ? null : of(chance.fourInFive(), over);
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
