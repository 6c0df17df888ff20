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
 * @param difficulty of that setting on the machine it was ridden on, above zero; empty on kinds ridden straight on
 * @param faults empty for a clean run
 * @param at when it was logged
 */
public record RunRecord(Side side, double settingMetres, Optional<Double> difficulty, Set<Fault> faults, Instant at) {
    public RunRecord {
        if (!(settingMetres > 0 && settingMetres < 1000)) {
            throw new IllegalArgumentException(
                    "settingMetres is " + settingMetres + " m; it lies between 0 and 1000 m");
        }
        if (difficulty.isPresent() && !(difficulty.get() > 0 && difficulty.get() < 1000)) {
            throw new IllegalArgumentException("difficulty is " + difficulty.get() + "; it lies between 0 and 1000");
        }
        faults = Set.copyOf(faults);
    }

    /** Whether nothing went wrong. */
    public boolean clean() {
        return faults.isEmpty();
    }
}
