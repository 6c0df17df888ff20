package wrenlane.rider;

/** The accepted ways of teaching the controls at walking pace. Practitioners disagree; each has its cost. */
public enum School {
    DRAG("Drag", "Light rear brake all through; the clutch meters the drive."),
    CLUTCH_FIRST("Clutch first", "No rear brake until turns are clean on clutch and throttle alone; then add it."),
    CLUTCH_AND_TOUCH("Clutch and touch", "The clutch does nearly all; brake only to shed speed, never held."),
    DRIVE_AND_BRAKE("Drive and brake", "No hand clutch: steady throttle, the rear brake sets the speed."),
    LOOSE_GROUND("Loose ground", "Walking pace, bars to the stop, body out, clutch slipping all round.");

    private final String label;
    private final String summary;

    School(String label, String summary) {
        this.label = label;
        this.summary = summary;
    }

    public String label() {
        return label;
    }

    /** What it does, in one sentence. */
    public String summary() {
        return summary;
    }
}
