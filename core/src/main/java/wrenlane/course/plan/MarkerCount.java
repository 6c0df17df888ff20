package wrenlane.course.plan;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.BinaryOperator;
import java.util.stream.Stream;

/** So many markers of one name. */
public record MarkerCount(Marker marker, int count) {
    private static final Comparator<Marker> TALL_FIRST =
            Comparator.comparing(Marker::sort).thenComparing(Marker::name);

    /** How many of each there are: what stands high first, then by name. */
    public static List<MarkerCount> of(Collection<Marker> markers) {
        return sum(markers.stream().map(marker -> List.of(new MarkerCount(marker, 1))));
    }

    /** All of some lists together, each marker once. */
    public static List<MarkerCount> sum(Stream<List<MarkerCount>> all) {
        return merged(all, Integer::sum);
    }

    /** The most of each in any of some lists. */
    public static List<MarkerCount> most(Stream<List<MarkerCount>> all) {
        return merged(all, Math::max);
    }

    private static List<MarkerCount> merged(Stream<List<MarkerCount>> all, BinaryOperator<Integer> how) {
        Map<Marker, Integer> counts = new TreeMap<>(TALL_FIRST);
        all.flatMap(List::stream).forEach(c -> counts.merge(c.marker, c.count, how));
        return counts.entrySet().stream()
                .filter(e -> e.getValue() != 0)
                .map(e -> new MarkerCount(e.getKey(), e.getValue()))
                .toList();
    }

    /** Such as 12 tall cones. */
    public String text() {
        return count + " " + marker.label(count);
    }
}
