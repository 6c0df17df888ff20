package wrenlane.course.plan;

/** What stands on the ground; sizes are of common training cones, rounded, and shown to scale. */
public enum ConeSort {
    /** A tall cone: base 0.28 m, height 0.45 m. */
    TALL("tall cone", 0.28, 0.45),
    /** A low flat marker that may be ridden over: 0.20 m across, 0.02 m high. */
    FLAT("flat marker", 0.20, 0.02);

    private final String label;
    private final double baseMetres;
    private final double heightMetres;

    ConeSort(String label, double baseMetres, double heightMetres) {
        this.label = label;
        this.baseMetres = baseMetres;
        this.heightMetres = heightMetres;
    }

    /** For so many of them. */
    public String label(int count) {
        return count == 1 ? label : label + "s";
    }

    /** Width of the base, in metres. */
    public double baseMetres() {
        return baseMetres;
    }

    /** Height, in metres. */
    public double heightMetres() {
        return heightMetres;
    }
}
