package wrenlane.server.people.machine;

import wrenlane.machine.MachineDimension;
import wrenlane.machine.Provenance;

/** A row of the machine_figure table. */
record FigureRow(Long machineId, String dimension, Double valueSi, String provenance) {
    FigureJson json() {
        return new FigureJson(MachineDimension.valueOf(dimension), valueSi, Provenance.valueOf(provenance));
    }
}
