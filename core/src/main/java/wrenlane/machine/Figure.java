package wrenlane.machine;

/**
 * One figure of a machine.
 *
 * @param value in the SI unit of its {@link MachineDimension}
 * @param provenance typical of the class, or measured on this machine
 */
public record Figure(double value, Provenance provenance) {
    /** A value typical of the class. */
    public static Figure typical(double value) {
        return new Figure(value, Provenance.TYPICAL);
    }

    /** A value measured on this machine. */
    public static Figure measured(double value) {
        return new Figure(value, Provenance.MEASURED);
    }
}
