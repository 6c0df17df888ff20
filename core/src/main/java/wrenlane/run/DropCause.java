package wrenlane.run;

/** What came last before a machine went down, as far as it was seen. */
public enum DropCause {
    CLUTCH_IN("clutch pulled in"),
    FRONT_BRAKE("front brake"),
    LOOKED_DOWN("looked down"),
    TOO_SLOW("too slow"),
    FOOT("foot put out");

    private final String label;

    DropCause(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
