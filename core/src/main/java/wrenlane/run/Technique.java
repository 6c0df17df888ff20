package wrenlane.run;

/** What an instructor may see in how a run was ridden, beside what went wrong in it. */
public enum Technique {
    HEAD_LATE("head late"),
    LOOKED_DOWN("looked down"),
    NOT_BACK("not back midway"),
    CLUTCH_IN("clutch in"),
    BRAKE_HEAVY("brake heavy"),
    BARS_SHORT("bars short of the stop"),
    UPRIGHT("upright between turns"),
    OFF_THE_EDGE("entered off the edge"),
    TOO_FAST("too fast"),
    TOO_SLOW("too slow"),
    SURGING("surging");

    private final String label;

    Technique(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
