package wrenlane.server.people.machine;

import jakarta.validation.constraints.NotNull;
import wrenlane.machine.MachineDimension;
import wrenlane.machine.Provenance;

/**
 * One figure of a machine.
 *
 * @param value in the SI unit of its dimension: metres, radians, kilograms, revolutions per second, or none
 */
public record FigureJson(
        @NotNull MachineDimension dimension,
        @NotNull Double value,
        @NotNull Provenance provenance) {}
