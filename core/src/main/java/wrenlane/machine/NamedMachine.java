package wrenlane.machine;

import wrenlane.id.MachineId;

/**
 * A machine of the school: its name, and how tightly it turns.
 *
 * @param turn its figures and measured circles
 */
public record NamedMachine(MachineId id, String name, MachineTurn turn) {
    /** Whether any figure or circle of it was measured; otherwise every figure is typical of its class. */
    public boolean isMeasured() {
        return !turn.circles().isEmpty()
                || turn.machine().figures().values().stream().anyMatch(f -> f.provenance() != Provenance.TYPICAL);
    }
}
