package wrenlane.coaching;

import java.util.List;
import java.util.Set;
import wrenlane.drill.Catalogue;
import wrenlane.finding.Checks;
import wrenlane.finding.TypedText;
import wrenlane.run.DropCause;
import wrenlane.run.Fault;
import wrenlane.run.Technique;

/**
 * What a fault seen together with something in how it was ridden usually comes from, what is said for it and what is ridden
 * for it: one row of the table of {@link Causes}.
 *
 * @param faults any of which is seen
 * @param technique any of which is seen with it
 * @param before any of which came last before a drop
 * @param likely what it comes from, as it goes on after “likely:”
 * @param cue said for it, in at most {@value wrenlane.drill.Catalogue#MOST_CUE_WORDS} words
 * @param drills ids of drills to go back to, the first first
 */
public record Cause(
        Set<Fault> faults,
        Set<Technique> technique,
        Set<DropCause> before,
        String likely,
        String cue,
        List<String> drills) {
    /** Longest words for what it comes from, in characters. */
    public static final int LONGEST_LIKELY = 120;

    /** Most drills to go back to. */
    public static final int MOST_DRILLS = 4;

    public Cause {
        faults = Set.copyOf(faults);
        technique = Set.copyOf(technique);
        before = Set.copyOf(before);
        drills = List.copyOf(drills);
    }

    /** Adds what is wrong with it, each finding at a place within {@code at}. */
    void check(String at, Set<String> knownDrills, Checks checks) {
        if (faults.isEmpty()) {
            checks.add("cause-fault", at + ".faults", "Say which fault it is a cause of.");
        }
        if (technique.isEmpty() && before.isEmpty()) {
            checks.add("cause-seen", at + ".technique", "Say what it is seen with.");
        }
        if (!before.isEmpty() && !faults.contains(Fault.DROP)) {
            checks.add("cause-drop", at + ".before", "What came last before a drop belongs to a cause of drops.");
        }
        if (likely.isBlank() || likely.length() > LONGEST_LIKELY) {
            checks.add(
                    "cause-likely", at + ".likely", "What it comes from takes 1 to " + LONGEST_LIKELY + " characters.");
        }
        Catalogue.checkCue(at + ".cue", cue, checks);
        if (drills.size() > MOST_DRILLS) {
            checks.add("cause-drills", at + ".drills", "Go back to at most " + MOST_DRILLS + " drills.");
        }
        drills.stream()
                .filter(id -> !knownDrills.contains(id))
                .forEach(id -> checks.add(
                        "no-such-drill",
                        at + ".drills",
                        "There is no drill " + TypedText.quoted(id) + " to go back to."));
    }
}
