package wrenlane.server.progress;

import wrenlane.progress.CleanChance;

/**
 * The chance of a clean run at a setting: an estimate.
 *
 * @param chance 0 to 1
 * @param low 5th percentile
 * @param high 95th percentile
 * @param runs it rests on, to that side
 * @param runsElsewhere on other kinds of course that speak for it besides; where neither do, the level alone speaks
 */
public record ChanceJson(double chance, double low, double high, int runs, int runsElsewhere) {
    static ChanceJson of(CleanChance of, double difficulty) {
        CleanChance.Band band = of.bandAt(difficulty);
        return new ChanceJson(band.chance(), band.low(), band.high(), (int) Math.round(of.runs()), (int)
                Math.round(of.runsElsewhere()));
    }
}
