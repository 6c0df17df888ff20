package wrenlane.rider;

/** How far a rider's feet come to the ground from the saddle of the machine they usually ride, as it was seen. */
public enum Reach {
    FLAT("both feet flat"),
    BALLS("the balls of both feet"),
    ONE_FOOT("one foot at a time");

    private final String label;

    Reach(String label) {
        this.label = label;
    }

    /** In words, as what reaches the ground. */
    public String label() {
        return label;
    }
}
