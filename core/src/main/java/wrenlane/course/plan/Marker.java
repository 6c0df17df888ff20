package wrenlane.course.plan;

import java.util.List;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;
import wrenlane.finding.Sentence;

/**
 * Something that is put on the ground to ride by: a cone, a disc, half a ball, a stone. Markers of one name are alike: any
 * of them may stand on any mark.
 *
 * @param name what one of them is called
 * @param sort how it is ridden by
 * @param baseMetres width of what stands on the ground, in metres
 * @param heightMetres height, in metres
 */
public record Marker(String name, ConeSort sort, double baseMetres, double heightMetres, MarkerColour colour) {
    /** Least and largest base, in metres; chosen by us: from a bottle top to a bucket turned over. */
    public static final double LEAST_BASE_METRES = 0.03;

    public static final double LARGEST_BASE_METRES = 0.6;

    /** Highest of all, in metres; chosen by us: a post. */
    public static final double HIGHEST_METRES = 1.5;

    /**
     * Highest that may be ridden over, in metres; chosen by us: a soft disc or half ball gives way beneath a tyre, what is
     * higher throws it off its line.
     */
    public static final double HIGHEST_FLAT_METRES = 0.1;

    /** What is wrong with it, each in a whole sentence. */
    public List<Finding> check() {
        Checks checks = new Checks();
        if (name.isBlank()) {
            checks.add("missing", "name", "A marker needs a name, such as half ball.");
        }
        Marker usual = Markers.STANDARD.of(sort);
        if (!equals(usual) && name.equalsIgnoreCase(usual.name())) {
            checks.add(
                    "name-taken",
                    "name",
                    Sentence.of(
                            "A %s is the usual one, %s wide: call this one something else.",
                            usual.name(), Sentence.metres(usual.baseMetres())));
        }
        within(checks, "baseMetres", "base", baseMetres, LEAST_BASE_METRES, LARGEST_BASE_METRES);
        within(checks, "heightMetres", "height", heightMetres, 0, HIGHEST_METRES);
        if (checks.findings().isEmpty() && sort == ConeSort.FLAT && heightMetres > HIGHEST_FLAT_METRES) {
            checks.add(
                    "too-high-to-ride-over",
                    "heightMetres",
                    Sentence.of(
                            "A %s of %s is not one to ride over: up to %s is. Call it one to keep off.",
                            name, Sentence.metres(heightMetres), Sentence.metres(HIGHEST_FLAT_METRES)));
        }
        return checks.findings();
    }

    private void within(Checks checks, String where, String what, double metres, double least, double most) {
        if (!(metres >= least && metres <= most)) {
            checks.add(
                    "out-of-range",
                    where,
                    Sentence.of(
                            "The %s of a %s is from %s to %s; it is %s.",
                            what, name, Sentence.metres(least), Sentence.metres(most), Sentence.metres(metres)));
        }
    }

    /** Whether another is ridden by in the same way and of the same size; its colour is no matter. */
    public boolean isSameSize(Marker other) {
        return sort == other.sort && baseMetres == other.baseMetres && heightMetres == other.heightMetres;
    }

    /** The question that comes up where another marker of this one's name is of another size. */
    public Finding clash(Marker other) {
        return new Finding(
                "marker-differs",
                "markers",
                Sentence.of(
                        "The kit has a %s %s. This %s is %s. Give it another name, or rename the one in the kit.",
                        name, size(), other.name, other.size()));
    }

    private Sentence size() {
        return Sentence.of(
                "%s wide and %s high%s",
                Sentence.metres(baseMetres),
                Sentence.metres(heightMetres),
                sort == ConeSort.FLAT ? " to ride over" : "");
    }

    /** For so many of them. */
    public String label(int count) {
        return count == 1 ? name : name + "s";
    }
}
