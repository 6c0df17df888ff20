package wrenlane.rider;

/** The accepted ways of teaching the controls at walking pace. Practitioners disagree; each has its cost. */
public enum RidingMethod {
    DRAG(
            "Drag",
            "Light rear brake all through; the clutch meters the drive.",
            "It steadies the machine and stands it up; riders feel secure quickly.",
            "Heat in clutch and brake; it becomes a crutch."),
    CLUTCH_FIRST(
            "Clutch first",
            "No rear brake until turns are clean on clutch and throttle alone; then add it.",
            "Nothing to depend on; smoother hands.",
            "A slower start, and too much speed early on."),
    CLUTCH_AND_TOUCH(
            "Clutch and touch",
            "The clutch does nearly all; brake only to shed speed, never held.",
            "The least heat.",
            "A finer clutch hand."),
    DRIVE_AND_BRAKE(
            "Drive and brake",
            "No hand clutch: steady throttle, the rear brake sets the speed.",
            "The only way on automatic machines.",
            "It cannot go as slowly."),
    LOOSE_GROUND(
            "Loose ground",
            "Walking pace, bars to the stop, body out, clutch slipping all round.",
            "It matches the grip there is.",
            "Two techniques to keep apart: on firm ground speed, lean, and drive at the end.");

    private final String label;
    private final String summary;
    private final String forIt;
    private final String asks;

    RidingMethod(String label, String summary, String forIt, String asks) {
        this.label = label;
        this.summary = summary;
        this.forIt = forIt;
        this.asks = asks;
    }

    public String label() {
        return label;
    }

    /** What it does, in one sentence. */
    public String summary() {
        return summary;
    }

    /** What its practitioners say for it. */
    public String forIt() {
        return forIt;
    }

    /** What it asks in return. */
    public String asks() {
        return asks;
    }
}
