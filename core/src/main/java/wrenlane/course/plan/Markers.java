package wrenlane.course.plan;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import wrenlane.finding.Finding;

/**
 * The marker of each sort that a course is set out in.
 *
 * @param tall stands where a cone is to be kept off
 * @param flat lies where a marker may be ridden over
 * @param within lie there instead at settings within the widest that the course stands at, the second widest first; at one
 *     that has none of its own lies what lies at the widest
 */
public record Markers(Marker tall, Marker flat, List<Marker> within) {
    /** Common training cones, rounded. */
    public static final Markers STANDARD = new Markers(
            new Marker("tall cone", ConeSort.TALL, 0.28, 0.45, MarkerColour.ORANGE),
            new Marker("flat marker", ConeSort.FLAT, 0.20, 0.02, MarkerColour.ORANGE),
            List.of());

    private static final String BASE = "base";
    private static final String HEIGHT = "height";

    public Markers {
        within = List.copyOf(within);
        if (tall.sort() != ConeSort.TALL
                || flat.sort() != ConeSort.FLAT
                || within.stream().anyMatch(m -> m.sort() != ConeSort.FLAT)) {
            throw new IllegalArgumentException("a marker is in the place of another sort");
        }
    }

    /** The one of a sort. */
    public Marker of(ConeSort sort) {
        return sort == ConeSort.TALL ? tall : flat;
    }

    /** The same with another marker in the place of its sort. */
    public Markers with(Marker marker) {
        return marker.sort() == ConeSort.TALL ? new Markers(marker, flat, within) : new Markers(tall, marker, within);
    }

    /** The same with other markers at the settings within. */
    public Markers within(List<Marker> markers) {
        return new Markers(tall, flat, markers);
    }

    /**
     * What stands at one of several settings.
     *
     * @param place 0 for the widest
     */
    public Markers at(int place) {
        return new Markers(tall, place > 0 && place <= within.size() ? within.get(place - 1) : flat, List.of());
    }

    /** A finding where two of them could not be told apart by their names, and so neither two settings on the ground. */
    public Optional<Finding> alike() {
        Set<String> names = new HashSet<>();
        return Stream.concat(Stream.of(tall, flat), within.stream())
                .filter(m -> !names.add(m.name().toLowerCase(Locale.ROOT)))
                .findFirst()
                .map(m -> new Finding(
                        "markers-alike",
                        "markers",
                        "There would be " + m.label(2) + " in two places: choose another marker for one of them."));
    }

    /** Their sizes as names and values; nothing of what is as it is usual. */
    public Map<String, String> saying() {
        Map<String, String> values = new TreeMap<>();
        for (ConeSort sort : ConeSort.values()) {
            Marker marker = of(sort);
            Marker usual = STANDARD.of(sort);
            if (marker.baseMetres() != usual.baseMetres() || marker.heightMetres() != usual.heightMetres()) {
                values.put(key(sort, BASE), Double.toString(marker.baseMetres()));
                values.put(key(sort, HEIGHT), Double.toString(marker.heightMetres()));
            }
        }
        return values;
    }

    /**
     * Markers of sizes as names and values say them: without a name of their own, for what is computed hangs on the sizes
     * alone. What is missing is as it is usual.
     *
     * @throws NumberFormatException where a size is no number
     */
    public static Markers said(Map<String, String> values) {
        Markers markers = STANDARD;
        for (ConeSort sort : ConeSort.values()) {
            String base = values.get(key(sort, BASE));
            String height = values.get(key(sort, HEIGHT));
            if (base != null && height != null) {
                Marker usual = STANDARD.of(sort);
                markers = markers.with(new Marker(
                        usual.name(), sort, Double.parseDouble(base), Double.parseDouble(height), usual.colour()));
            }
        }
        return markers;
    }

    private static String key(ConeSort sort, String what) {
        return "marker-" + sort + "-" + what;
    }
}
