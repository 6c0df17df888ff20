package wrenlane.machine;

/** How the drive is let in. */
public enum Transmission {
    HAND_CLUTCH("hand clutch"),
    AUTOMATIC_CLUTCH("automatic clutch"),
    TWIST_AND_GO("twist-and-go");

    private final String label;

    Transmission(String label) {
        this.label = label;
    }

    /** The name in plain words. */
    public String label() {
        return label;
    }

    /** Whether the engine drives the wheel at idle: a centrifugal clutch lets go instead. */
    public boolean drivesAtIdle() {
        return this == HAND_CLUTCH;
    }
}
