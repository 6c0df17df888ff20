package wrenlane.server.people.machine;

import java.util.Arrays;
import java.util.List;
import wrenlane.machine.Machine;
import wrenlane.machine.MachineClass;
import wrenlane.machine.MachineDimension;
import wrenlane.machine.Transmission;

/** A class with its typical figures, and what each figure may be. */
record MachineClassResponse(String id, String label, Transmission transmission, List<TypicalFigure> figures) {
    /**
     * One typical figure.
     *
     * @param value SI
     * @param min smallest accepted, SI
     * @param max largest accepted, SI
     */
    record TypicalFigure(
            MachineDimension dimension,
            String label,
            MachineDimension.Quantity quantity,
            double value,
            double min,
            double max) {}

    static MachineClassResponse of(MachineClass kind) {
        Machine typical = kind.typical();
        return new MachineClassResponse(
                kind.id(),
                kind.label(),
                typical.transmission(),
                Arrays.stream(MachineDimension.values())
                        .map(d -> new TypicalFigure(d, d.label(), d.quantity(), typical.value(d), d.min(), d.max()))
                        .toList());
    }
}
