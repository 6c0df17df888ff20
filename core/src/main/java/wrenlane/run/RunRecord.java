package wrenlane.run;

import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import wrenlane.machine.Side;

/**
 * A run as logged. It keeps the setting it was ridden at, so that changing a course later never rewrites the past.
 *
 * @param side the side turned to
 * @param settingMetres the ladder dimension as it stood, above zero
 * @param tightness of that setting on the machine it was ridden on, above zero; empty on kinds ridden straight on
 * @param faults empty for a clean run
 * @param at when it was logged
 */
public record RunRecord(Side side, double settingMetres, Optional<Double> tightness, Set<Fault> faults, Instant at) {
    public RunRecord {
        if (!(settingMetres > 0 && settingMetres < 1000)) {
            throw new IllegalArgumentException(
                    "settingMetres is " + settingMetres + " m; it lies between 0 and 1000 m");
        }
        if (tightness.isPresent() && !(tightness.get() > 0 && tightness.get() < 1000)) {
            throw new IllegalArgumentException("tightness is " + tightness.get() + "; it lies between 0 and 1000");
        }
        faults = Set.copyOf(faults);
    }

    /** Whether nothing went wrong. */
    public boolean clean() {
        return faults.isEmpty();
    }
}
