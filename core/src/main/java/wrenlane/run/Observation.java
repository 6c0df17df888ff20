package wrenlane.run;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;

/**
 * What was seen of a run by those who want to say more than its faults.
 *
 * @param technique how it was ridden
 * @param beforeDrop what came last before a drop; missing where there was none, and where nobody saw
 * @param mark name of the cone or line on the plan where it went wrong
 * @param offMetres how far from the cone aimed at
 */
public record Observation(
        Set<Technique> technique, Optional<DropCause> beforeDrop, Optional<String> mark, Optional<Double> offMetres) {
    /** Nothing beside the faults. */
    public static final Observation NOTHING =
            new Observation(Set.of(), Optional.empty(), Optional.empty(), Optional.empty());

    /** Longest name of a mark, in characters. */
    public static final int LONGEST_MARK = 24;

    /** Farthest off a cone that is still the same cone, in metres. */
    public static final double MOST_OFF = 10;

    public Observation {
        technique = Set.copyOf(technique);
    }

    /**
     * What is wrong with it.
     *
     * @param faults that were logged with it
     */
    public List<Finding> check(Set<Fault> faults) {
        Checks checks = new Checks();
        if (beforeDrop.isPresent() && !faults.contains(Fault.DROP)) {
            checks.add("no-drop", "observed.beforeDrop", "What came before a drop is asked for where there was one.");
        }
        mark.filter(m -> m.isBlank() || m.length() > LONGEST_MARK)
                .ifPresent(m -> checks.add(
                        "mark-name",
                        "observed.mark",
                        "The name of a mark has 1 to " + LONGEST_MARK + " characters, as on the plan."));
        offMetres.ifPresent(
                off -> checks.add(Checks.range("observed.offMetres", "How far off it was", off, 0.1, MOST_OFF, "m")));
        return checks.findings();
    }
}
