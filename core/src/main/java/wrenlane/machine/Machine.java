package wrenlane.machine;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * A machine with all its figures.
 *
 * @param transmission how the drive is let in
 * @param figures one for every {@link MachineDimension}, SI
 */
public record Machine(Transmission transmission, Map<MachineDimension, Figure> figures) {
    public Machine {
        figures = Map.copyOf(figures);
        for (MachineDimension dimension : MachineDimension.values()) {
            Figure figure = figures.get(dimension);
            if (figure == null || !dimension.accepts(figure.value())) {
                throw new IllegalArgumentException(dimension + " is "
                        + (figure == null
                                ? "missing"
                                : figure.value() + " " + dimension.quantity().symbol())
                        + "; it lies between " + dimension.min() + " and " + dimension.max() + ". Check a figure with "
                        + "MachineDimension.check first.");
            }
        }
    }

    /** The figure of a dimension. */
    public Figure figure(MachineDimension dimension) {
        Figure figure = figures.get(dimension);
        if (figure == null) {
            throw new IllegalStateException(dimension + " is missing, although the constructor asked for it");
        }
        return figure;
    }

    /** The value of a dimension, SI. */
    public double value(MachineDimension dimension) {
        return figure(dimension).value();
    }

    /** One standard deviation of a dimension, SI. */
    public double uncertainty(MachineDimension dimension) {
        return dimension.uncertainty(figure(dimension).provenance());
    }

    /** The same machine with another value for one dimension, its provenance kept. */
    public Machine with(MachineDimension dimension, double value) {
        Map<MachineDimension, Figure> changed = new EnumMap<>(figures);
        changed.put(dimension, new Figure(value, figure(dimension).provenance()));
        return new Machine(transmission, changed);
    }

    /**
     * Speed at which the machine walks along on its own with the clutch home, in m/s.
     *
     * <p>v = n · C / i, with n engine idle (1/s), C rear tyre circumference (m), i first-gear overall ratio. Empty
     * where the drive lets go at idle.
     */
    public Optional<Double> idleWalkingSpeedMetresPerSecond() {
        return transmission.drivesAtIdle()
                ? Optional.of(value(MachineDimension.IDLE)
                        * value(MachineDimension.TYRE_CIRCUMFERENCE)
                        / value(MachineDimension.FIRST_GEAR_OVERALL_RATIO))
                : Optional.empty();
    }
}
