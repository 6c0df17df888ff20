package wrenlane.drill;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;
import wrenlane.finding.TypedText;
import wrenlane.machine.Transmission;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.RidingMethod;

/**
 * All drills there are, by stage.
 *
 * @param drills by stage, and within one in the order they were given
 * @param hidden ids of those the instructor leaves out; what rests on them rests on what they rest on
 */
public record Catalogue(List<Drill> drills, Set<String> hidden) {
    /** Most words of a cue; from practice: what can be called across a yard. */
    public static final int MOST_CUE_WORDS = 5;

    public Catalogue {
        drills = drills.stream().sorted(Comparator.comparing(Drill::stage)).toList();
        hidden = Set.copyOf(hidden);
    }

    /** With nothing left out. */
    public Catalogue(List<Drill> drills) {
        this(drills, Set.of());
    }

    /** The drill of an id. */
    public Optional<Drill> find(String id) {
        return drills.stream().filter(d -> d.id().equals(id)).findFirst();
    }

    /** The drills one way of teaching has for a machine and a level, by stage, each as it is taught and with what it rests on. */
    public List<TaughtDrill> taught(Teaching teaching, Transmission transmission, RiderLevel level) {
        Map<String, Drill> taught = new LinkedHashMap<>();
        drills.stream()
                .filter(d -> !hidden.contains(d.id()) && d.audience().has(teaching, transmission, level))
                .forEach(d -> taught.put(d.id(), d));
        DrillGraph graph = DrillGraph.of(drills, teaching);
        return taught.values().stream()
                .map(d -> asTaught(d, teaching, graph.before(d.id(), taught::containsKey)))
                .toList();
    }

    private static TaughtDrill asTaught(Drill drill, Teaching teaching, List<String> after) {
        String cue = drill.cue();
        List<String> look = drill.words().look();
        List<DrillStep> steps = drill.steps();
        Set<String> cautions = new LinkedHashSet<>(drill.words().cautions());
        for (Adaptation adapted : drill.adaptations().of(teaching)) {
            cue = adapted.cue().orElse(cue);
            look = adapted.look().map(List::of).orElse(look);
            cautions.addAll(adapted.cautions());
            if (adapted.stepsReversed()) {
                steps = reversed(steps);
            }
        }
        return new TaughtDrill(drill.id(), drill.name(), drill.stage(), cue, look, List.copyOf(cautions), steps, after);
    }

    private static List<DrillStep> reversed(List<DrillStep> steps) {
        List<DrillStep> turned = new ArrayList<>();
        steps.forEach(step -> turned.add(0, step));
        return turned;
    }

    /**
     * What is wrong with the catalogue as a whole: an id twice, something it rests on that is not there, drills that rest on
     * one another in a circle under any way of teaching, cues too long to call, a drill without cautions or steps.
     *
     * @param kinds ids of the kinds of course there are
     */
    public List<Finding> check(Set<String> kinds) {
        Checks checks = new Checks();
        Set<String> ids = new TreeSet<>();
        for (Drill drill : drills) {
            if (!ids.add(drill.id())) {
                checks.add("drill-twice", drill.id(), "There are two drills with the id " + drill.id() + ".");
            }
        }
        drills.forEach(d -> checkAlone(d, kinds, ids, checks));
        circles()
                .forEach(id -> checks.add(
                        "drill-circle",
                        id + ".prerequisites",
                        named(id) + " needs itself first in the end: remove one of the drills it comes after."));
        return checks.findings();
    }

    private static void checkAlone(Drill drill, Set<String> kinds, Set<String> ids, Checks checks) {
        String where = drill.id() + ".";
        if (!drill.id().matches("[a-z0-9]+(-[a-z0-9]+){0,8}")) {
            checks.add("drill-id", where + "id", "An id is made of small letters, digits and single hyphens.");
        }
        checkCue(where + "words.cue", drill.cue(), checks);
        allAdaptations(drill).forEach((of, adapted) -> {
            adapted.cue().ifPresent(cue -> checkCue(where + of + ".cue", cue, checks));
            checkThere(where + of + ".prerequisites", adapted.prerequisites(), ids, checks);
        });
        checkThere(where + "prerequisites", drill.prerequisites(), ids, checks);
        if (drill.words().cautions().isEmpty()) {
            checks.add("no-caution", where + "words.cautions", "A drill needs at least one caution.");
        }
        if (drill.steps().isEmpty()) {
            checks.add("no-step", where + "steps", "A drill needs at least one step.");
        }
        drill.riding()
                .controls()
                .forEach((control, weight) -> checks.add(Checks.range(
                        where + "riding.controls." + control, "The weight of a control", weight, 0, 3, "")));
        drill.course()
                .filter(c -> !kinds.contains(c.kind()))
                .ifPresent(c -> checks.add(
                        "no-such-kind", where + "course.kind", "There is no kind of course " + quoted(c.kind()) + "."));
    }

    /** Adds what is wrong with a cue, at {@code where}. */
    public static void checkCue(String where, String cue, Checks checks) {
        int words = cue.strip().split("\\s+").length;
        if (cue.isBlank() || words > MOST_CUE_WORDS) {
            checks.add(
                    "cue-length",
                    where,
                    "A cue has one to five words; " + quoted(cue) + " has " + (cue.isBlank() ? 0 : words) + ".");
        }
    }

    private static void checkThere(String where, List<String> before, Set<String> ids, Checks checks) {
        before.stream()
                .filter(id -> !ids.contains(id))
                .forEach(id -> checks.add("no-such-drill", where, "There is no drill " + quoted(id) + " to rest on."));
    }

    private static Map<String, Adaptation> allAdaptations(Drill drill) {
        Map<String, Adaptation> all = new LinkedHashMap<>();
        drill.adaptations().byMethod().forEach((method, adapted) -> all.put("adaptations.byMethod." + method, adapted));
        drill.adaptations().byChoice().forEach((choice, adapted) -> all.put("adaptations.byChoice." + choice, adapted));
        return all;
    }

    /** Under every school with the usual choices, and with each other choice in its place. */
    private Set<String> circles() {
        Set<String> found = new TreeSet<>();
        for (RidingMethod school : RidingMethod.values()) {
            for (TeachingChoice choice : TeachingChoice.values()) {
                found.addAll(DrillGraph.of(drills, Teaching.usual(school).with(choice))
                        .inCircles());
            }
        }
        return found;
    }

    private String named(String id) {
        return find(id).map(d -> quoted(d.name())).orElse(id);
    }

    private static String quoted(String text) {
        return TypedText.quoted(text);
    }

    /** What changes for a rider when the way of teaching does, drill by drill, by stage. */
    public List<TeachingChange> changes(Teaching from, Teaching to, Transmission transmission, RiderLevel level) {
        Map<String, TaughtDrill> before = byId(taught(from, transmission, level));
        Map<String, TaughtDrill> after = byId(taught(to, transmission, level));
        return drills.stream()
                .flatMap(d -> TeachingChange.between(d, before.get(d.id()), after.get(d.id())).stream())
                .toList();
    }

    private static Map<String, TaughtDrill> byId(List<TaughtDrill> taught) {
        Map<String, TaughtDrill> byId = new LinkedHashMap<>();
        taught.forEach(d -> byId.put(d.id(), d));
        return byId;
    }
}
