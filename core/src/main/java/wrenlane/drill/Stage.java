package wrenlane.drill;

/** The stages a rider climbs, in order; what stands alongside belongs to none of them. */
public enum Stage {
    FIND_THE_ZONE("Find the zone", "On foot, standing and with feet down: where the drive begins."),
    STRAIGHT_CONTROL("Straight control", "Feet up, straight on: as slow as wanted, and to a stop."),
    WIDE_TURNS("Wide turns", "Lean and gaze, with ground to spare."),
    U_TURNS("U-turns", "Round within a width."),
    LINKED_TURNS("Linked turns", "From one side over to the other."),
    COMBINED("Combined", "As the street asks for it, and alone."),
    ALONGSIDE("Alongside", "Whenever there is cause.");

    private final String label;
    private final String summary;

    Stage(String label, String summary) {
        this.label = label;
        this.summary = summary;
    }

    public String label() {
        return label;
    }

    /** What it is about, in one sentence. */
    public String summary() {
        return summary;
    }
}
