package wrenlane.run;

/** What could be seen to go wrong in a run. */
public enum Fault {
    CONE('C', "cone touched"),
    LINE('L', "line crossed"),
    GATE('G', "gate missed"),
    FOOT('F', "foot down"),
    STALL('S', "stall"),
    STOPPED('T', "stopped"),
    DROP('D', "drop");

    private final char letter;
    private final String label;

    Fault(char letter, String label) {
        this.letter = letter;
        this.label = label;
    }

    /** The letter it is logged and shown by. */
    public char letter() {
        return letter;
    }

    public String label() {
        return label;
    }
}
