package wrenlane.yard;

/** What the yard is paved with. */
public enum Surface {
    ASPHALT("asphalt", false),
    CONCRETE("concrete", false),
    BLOCK_PAVING("block paving", false),
    GRAVEL("gravel", true),
    PACKED_EARTH("packed earth", true),
    GRASS("grass", true);

    private final String label;
    private final boolean loose;

    Surface(String label, boolean loose) {
        this.label = label;
        this.loose = loose;
    }

    public String label() {
        return label;
    }

    /** Whether tyres find less grip than on dry paving. */
    public boolean loose() {
        return loose;
    }
}
