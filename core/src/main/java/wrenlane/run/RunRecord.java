package wrenlane.run;

import java.time.Instant;
import java.util.Set;
import wrenlane.machine.Side;

/**
 * A run as logged. It keeps the setting it was ridden at, so that changing a course later never rewrites the past.
 *
 * @param side the side turned to
 * @param settingMetres the ladder dimension as it stood, above zero
 * @param limitMetres the machine's own limit for it, as reckoned then, above zero
 * @param faults empty for a clean run
 * @param at when it was logged
 */
public record RunRecord(Side side, double settingMetres, double limitMetres, Set<Fault> faults, Instant at) {
    public RunRecord {
        if (!(settingMetres > 0 && settingMetres < 1000)) {
            throw new IllegalArgumentException(
                    "settingMetres is " + settingMetres + " m; it lies between 0 and 1000 m");
        }
        if (!(limitMetres > 0 && limitMetres < 1000)) {
            throw new IllegalArgumentException("limitMetres is " + limitMetres + " m; it lies between 0 and 1000 m");
        }
        faults = Set.copyOf(faults);
    }

    /** Whether nothing went wrong. */
    public boolean clean() {
        return faults.isEmpty();
    }

    /** The setting over the machine's limit. */
    public double tightness() {
        return settingMetres / limitMetres;
    }
}
