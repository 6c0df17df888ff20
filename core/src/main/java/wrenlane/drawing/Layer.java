package wrenlane.drawing;

/** What belongs together in a drawing; the names stand in the files. */
public enum Layer {
    YARD("yard"),
    OBSTACLES("obstacles"),
    AREAS("areas"),
    LINES("lines"),
    RIDE_LINE("ride-line"),
    CONES("cones"),
    CHALK("chalk"),
    LABELS("labels");

    private final String id;

    Layer(String id) {
        this.id = id;
    }

    /** Stable, in kebab case. */
    public String id() {
        return id;
    }
}
