package wrenlane.run;

/** What one entry in the log is. */
public enum RunSort {
    /** One attempt, seen from its start to its end. */
    RUN("run"),
    /** Minutes or laps ridden without a break, logged as one with the faults in it. */
    SPELL("spell"),
    /** Stopped before it could be told: neither clean nor a fault. */
    BROKEN_OFF("broken off");

    private final String label;

    RunSort(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** Whether it says by itself if the rider can do it; a spell says so by its faults a lap. */
    public boolean scored() {
        return this == RUN;
    }
}
