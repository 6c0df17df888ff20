package wrenlane.server.progress;

import org.jspecify.annotations.Nullable;
import wrenlane.progress.CleanChance;
import wrenlane.progress.CleanSetting;
import wrenlane.verdict.Difficulty;

/**
 * The tightest setting ridden clean four times in five: an estimate.
 *
 * @param difficulty of that setting; a share, 1 asks for all the turn there is
 * @param lowDifficulty 5th percentile
 * @param highDifficulty 95th percentile
 * @param metres on the machine computed for; missing where nothing is known of it
 * @param lowMetres 5th percentile
 * @param highMetres 95th percentile
 */
public record EstimateJson(
        double difficulty,
        double lowDifficulty,
        double highDifficulty,
        @Nullable Double metres,
        @Nullable Double lowMetres,
        @Nullable Double highMetres) {

    /** Of a side; null where too few runs speak for it. */
    public static @Nullable EstimateJson of(CleanChance chance, Difficulty over) {
        return chance.runs() < CleanSetting.FEWEST_RUNS ? null : of(chance.fourInFive(), over);
    }

    private static EstimateJson of(CleanSetting e, Difficulty over) {
        return new EstimateJson(
                e.difficulty(),
                e.lowDifficulty(),
                e.highDifficulty(),
                over.settingAt(e.difficulty()).orElse(null),
                over.settingAt(e.highDifficulty()).orElse(null),
                over.settingAt(e.lowDifficulty()).orElse(null));
    }

    CleanSetting setting() {
        return new CleanSetting(difficulty, lowDifficulty, highDifficulty);
    }
}
