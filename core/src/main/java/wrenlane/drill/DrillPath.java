package wrenlane.drill;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Which drills lie before a kind of course for a rider, and in which order. */
public final class DrillPath {
    private DrillPath() {}

    /**
     * Ids of the drills not yet mastered on the way to a kind of course: those that such a course is for, and all they rest on,
     * each after what it rests on itself. Empty where all are mastered, and where none of the kind is taught.
     *
     * @param kind id of the kind of course
     * @param taught as {@link Catalogue#taught} has them
     * @param masteryOfDrills on them, as {@link DrillMastery#of} has them
     */
    public static List<String> to(
            String kind, Catalogue catalogue, List<TaughtDrill> taught, List<DrillMastery> masteryOfDrills) {
        Map<String, TaughtDrill> all = new LinkedHashMap<>();
        taught.forEach(drill -> all.put(drill.id(), drill));
        Set<String> path = new LinkedHashSet<>();
        Set<String> seen = new HashSet<>();
        taught.stream()
                .map(TaughtDrill::id)
                .filter(id -> catalogue
                        .find(id)
                        .flatMap(Drill::course)
                        .filter(course -> course.plain() && course.kind().equals(kind))
                        .isPresent())
                .forEach(id -> add(id, all, seen, path));
        masteryOfDrills.stream()
                .filter(mastery -> mastery.state() == DrillMastery.State.MASTERED)
                .forEach(mastery -> path.remove(mastery.id()));
        return List.copyOf(path);
    }

    /** Also through what is mastered: the first stage, opened anew on another machine, lies before it. */
    private static void add(String id, Map<String, TaughtDrill> all, Set<String> seen, Set<String> path) {
        TaughtDrill drill = all.get(id);
        if (drill != null && seen.add(id)) {
            drill.prerequisites().forEach(before -> add(before, all, seen, path));
            path.add(id);
        }
    }
}
