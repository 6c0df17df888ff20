package wrenlane.machine;

import java.util.Optional;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;

/**
 * The figures that describe a machine, each in SI units with the range we accept and how far out it may be.
 *
 * <p>Ranges are chosen by us, wide enough for every road-going two-wheeler we know of. Uncertainties are one standard
 * deviation, estimates: typical values scatter within a class; measured ones are as good as a tape, a protractor app
 * or a tachometer in a yard.
 */
public enum MachineDimension {
    WHEELBASE("Wheelbase", Quantity.METRES, 0.9, 2.2, 0.03, 0.01),
    CASTER_ANGLE("Caster angle", Quantity.RADIANS, Math.toRadians(10), Math.toRadians(45), rad(1.5), rad(1)),
    LOCK_LEFT("Lock, left", Quantity.RADIANS, Math.toRadians(15), Math.toRadians(70), rad(3), rad(1)),
    LOCK_RIGHT("Lock, right", Quantity.RADIANS, Math.toRadians(15), Math.toRadians(70), rad(3), rad(1)),
    SCRAPE_LEAN_LEFT("Scrape lean, left", Quantity.RADIANS, Math.toRadians(15), Math.toRadians(60), rad(4), rad(2)),
    SCRAPE_LEAN_RIGHT("Scrape lean, right", Quantity.RADIANS, Math.toRadians(15), Math.toRadians(60), rad(4), rad(2)),
    WIDTH("Width", Quantity.METRES, 0.5, 1.5, 0.04, 0.01),
    FRONT_TYRE_WIDTH("Front tyre width", Quantity.METRES, 0.06, 0.25, 0.01, 0.003),
    MASS("Mass", Quantity.KILOGRAMS, 50, 600, 15, 5),
    IDLE("Idle", Quantity.REVOLUTIONS_PER_SECOND, 8, 40, 2, 0.8),
    FIRST_GEAR_OVERALL_RATIO("First gear, overall ratio", Quantity.RATIO, 4, 50, 1, 0.1),
    TYRE_CIRCUMFERENCE("Rear tyre circumference", Quantity.METRES, 0.9, 2.6, 0.06, 0.02);

    /** What a figure is counted in. */
    public enum Quantity {
        METRES("m"),
        RADIANS("rad"),
        KILOGRAMS("kg"),
        REVOLUTIONS_PER_SECOND("1/s"),
        RATIO("");

        private final String symbol;

        Quantity(String symbol) {
            this.symbol = symbol;
        }

        /** SI symbol; empty for a bare ratio. */
        public String symbol() {
            return symbol;
        }
    }

    private final String label;
    private final Quantity quantity;
    private final double min;
    private final double max;
    private final double typicalUncertainty;
    private final double measuredUncertainty;

    MachineDimension(
            String label,
            Quantity quantity,
            double min,
            double max,
            double typicalUncertainty,
            double measuredUncertainty) {
        this.label = label;
        this.quantity = quantity;
        this.min = min;
        this.max = max;
        this.typicalUncertainty = typicalUncertainty;
        this.measuredUncertainty = measuredUncertainty;
    }

    private static double rad(double degrees) {
        return Math.toRadians(degrees);
    }

    /** The lock to a side. */
    public static MachineDimension lock(Side side) {
        return side == Side.LEFT ? LOCK_LEFT : LOCK_RIGHT;
    }

    /** The scrape lean to a side. */
    public static MachineDimension scrapeLean(Side side) {
        return side == Side.LEFT ? SCRAPE_LEAN_LEFT : SCRAPE_LEAN_RIGHT;
    }

    public String label() {
        return label;
    }

    public Quantity quantity() {
        return quantity;
    }

    /** Smallest value accepted, SI. */
    public double min() {
        return min;
    }

    /** Largest value accepted, SI. */
    public double max() {
        return max;
    }

    /** One standard deviation of a value from this provenance, SI. */
    public double uncertainty(Provenance provenance) {
        return provenance == Provenance.TYPICAL ? typicalUncertainty : measuredUncertainty;
    }

    /** Whether the value lies in the accepted range; NaN does not. */
    public boolean accepts(double value) {
        return value >= min && value <= max;
    }

    /** What is wrong with a value, if anything, in units a person reads: degrees for angles, rpm for idle. */
    public Optional<Finding> check(double value) {
        return switch (quantity) {
            case RADIANS ->
                Checks.range(name(), label, Math.toDegrees(value), Math.toDegrees(min), Math.toDegrees(max), "°");
            case REVOLUTIONS_PER_SECOND -> Checks.range(name(), label, value * 60, min * 60, max * 60, "rpm");
            default -> Checks.range(name(), label, value, min, max, quantity.symbol());
        };
    }
}
