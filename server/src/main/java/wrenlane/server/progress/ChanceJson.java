package wrenlane.server.progress;

import wrenlane.progress.CleanChance;

/**
 * The chance of a clean run at a setting: an estimate.
 *
 * @param chance 0 to 1
 * @param low 5th percentile
 * @param high 95th percentile
 * @param runs it rests on, to that side; 0 where the level alone speaks
 */
public record ChanceJson(double chance, double low, double high, int runs) {
    static ChanceJson of(CleanChance of, double tightness) {
        CleanChance.Band band = of.bandAt(tightness);
        return new ChanceJson(band.chance(), band.low(), band.high(), (int) Math.round(of.runs()));
    }
}
