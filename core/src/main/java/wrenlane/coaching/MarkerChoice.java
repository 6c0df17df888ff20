package wrenlane.coaching;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import wrenlane.course.NestedCourse;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.Marker;

/**
 * What lies at each setting within the widest, so that riders tell the settings apart from the saddle, against how many there
 * are.
 *
 * <p>The choice lacks the fewest markers; among those it relies on the fewest that were never counted, then has the fewest of
 * one colour beside each other, then leaves what lies there already. No two settings lie in the same, and none in what lies at
 * the widest. Every choice is weighed up, so it is exact.
 *
 * @param settings within the widest, the second widest first; fewer than stand where there are not the markers
 */
public record MarkerChoice(List<SizeMarker> settings) {
    /**
     * A flat marker that a setting may lie in.
     *
     * @param left how many there are besides what else stands at the same time; missing where they were never counted
     */
    public record OwnedMarker(Marker marker, Optional<Integer> left) {}

    /**
     * What one setting lies in.
     *
     * @param letter of the setting
     * @param needed markers that stand for it alone
     * @param left as in {@link OwnedMarker}
     */
    public record SizeMarker(String letter, Marker marker, int needed, Optional<Integer> left) {
        /** How many more are needed than there are; none where they were never counted. */
        public int missing() {
            return left.map(n -> Math.max(0, needed - n)).orElse(0);
        }
    }

    private static final Comparator<MarkerChoice> BEST = Comparator.comparingInt((MarkerChoice s) -> -s.settings.size())
            .thenComparingInt(
                    s -> s.settings.stream().mapToInt(SizeMarker::missing).sum())
            .thenComparingInt(
                    s -> (int) s.settings.stream().filter(l -> l.left.isEmpty()).count());

    public MarkerChoice {
        settings = List.copyOf(settings);
    }

    /**
     * What a course's settings lie in as it is chosen, but for those that lie in the same as the widest; of what is not among
     * those owned nothing is known.
     */
    public static MarkerChoice asChosen(NestedCourse course, List<OwnedMarker> owned) {
        List<Marker> flat = flat(course);
        List<Integer> needed = needed(course);
        return new MarkerChoice(IntStream.range(0, needed.size())
                .filter(i -> !flat.get(i + 1).equals(flat.get(0)))
                .mapToObj(i -> lying(i, needed, known(flat.get(i + 1), owned)))
                .toList());
    }

    /** What each setting lies in, the widest first. */
    private static List<Marker> flat(NestedCourse course) {
        return course.courses().stream().map(c -> c.settings().markers().flat()).toList();
    }

    private static OwnedMarker known(Marker marker, List<OwnedMarker> owned) {
        return owned.stream()
                .filter(o -> o.marker().name().equals(marker.name()))
                .findFirst()
                .orElseGet(() -> new OwnedMarker(marker, Optional.empty()));
    }

    /** The best of what there is; no setting where the course stands at one, or there is nothing to choose from. */
    public static MarkerChoice best(NestedCourse course, List<OwnedMarker> owned) {
        List<Marker> now = flat(course);
        Marker widest = now.get(0);
        List<OwnedMarker> free = owned.stream()
                .filter(o -> o.marker().sort() == ConeSort.FLAT)
                .filter(o -> !o.marker().name().equals(widest.name()))
                .toList();
        List<Integer> needed = needed(course);
        return choices(free, needed.subList(0, Math.min(needed.size(), free.size())), List.of())
                .map(MarkerChoice::new)
                .min(BEST.thenComparingInt(s -> s.ofOneColour(widest)).thenComparingInt(s -> s.changes(now)))
                .orElseThrow();
    }

    private static Stream<List<SizeMarker>> choices(
            List<OwnedMarker> free, List<Integer> needed, List<SizeMarker> sofar) {
        if (sofar.size() == needed.size()) {
            return Stream.of(sofar);
        }
        return free.stream()
                .filter(o -> sofar.stream().noneMatch(l -> l.marker().equals(o.marker())))
                .flatMap(o -> {
                    List<SizeMarker> more = new ArrayList<>(sofar);
                    more.add(lying(sofar.size(), needed, o));
                    return choices(free, needed, more);
                });
    }

    private static SizeMarker lying(int i, List<Integer> needed, OwnedMarker in) {
        return new SizeMarker(NestedCourse.letter(i + 1), in.marker(), needed.get(i), in.left());
    }

    /** How many flat markers stand for each setting within the widest alone. */
    private static List<Integer> needed(NestedCourse course) {
        List<Set<String>> letters = course.plan().cones().stream()
                .filter(cone -> cone.sort() == ConeSort.FLAT)
                .map(course::lettersOf)
                .toList();
        return IntStream.range(1, course.courses().size())
                .mapToObj(place -> Collections.frequency(letters, Set.of(NestedCourse.letter(place))))
                .toList();
    }

    /** How many settings lie in a colour that another one has. */
    private int ofOneColour(Marker widest) {
        Set<Object> colours = new HashSet<>(Set.of(widest.colour()));
        return (int)
                settings.stream().filter(l -> !colours.add(l.marker().colour())).count();
    }

    /** How many settings lie in something else now. */
    private int changes(List<Marker> now) {
        return (int) IntStream.range(0, settings.size())
                .filter(i -> !settings.get(i).marker().equals(now.get(i + 1)))
                .count();
    }

    /** What each lies in. */
    public List<Marker> markers() {
        return settings.stream().map(SizeMarker::marker).toList();
    }
}
