package wrenlane.machine;

/** Where a figure comes from. */
public enum Provenance {
    /** A typical value of the class, to start from. */
    TYPICAL,
    /** Measured on this machine. */
    MEASURED
}
