package wrenlane.course.plan;

import java.util.Map;
import java.util.TreeMap;

/**
 * The marker of each sort that a course is set out in.
 *
 * @param tall stands where a cone is to be kept off
 * @param flat lies where a marker may be ridden over
 */
public record Markers(Marker tall, Marker flat) {
    /** Common training cones, rounded. */
    public static final Markers STANDARD = new Markers(
            new Marker("tall cone", ConeSort.TALL, 0.28, 0.45, MarkerColour.ORANGE),
            new Marker("flat marker", ConeSort.FLAT, 0.20, 0.02, MarkerColour.ORANGE));

    private static final String BASE = "base";
    private static final String HEIGHT = "height";

    public Markers {
        if (tall.sort() != ConeSort.TALL || flat.sort() != ConeSort.FLAT) {
            throw new IllegalArgumentException("a marker is in the place of another sort");
        }
    }

    /** The one of a sort. */
    public Marker of(ConeSort sort) {
        return sort == ConeSort.TALL ? tall : flat;
    }

    /** The same with another marker in the place of its sort. */
    public Markers with(Marker marker) {
        return marker.sort() == ConeSort.TALL ? new Markers(marker, flat) : new Markers(tall, marker);
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
     * Markers of sizes as names and values say them: without a name of their own, for what is reckoned hangs on the sizes
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
