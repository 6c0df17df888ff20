package wrenlane.yard;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Polygon;
import wrenlane.finding.Finding;
import wrenlane.finding.Sentence;
import wrenlane.plane.Point;
import wrenlane.units.MeasuredLength;

/**
 * An outline as it is drawn: its corners put down by eye, one after another, to be measured afterwards. The drawing says
 * which shape it is; how long its sides are it says roughly ({@link wrenlane.units.LengthMethod#DRAWN}), so that whatever
 * is taped later decides.
 *
 * <p>A yard that is measured already is drawn anew the same way: a corner that was moved, put in or taken away takes the
 * lengths that end there with it, and every other measurement stays.
 *
 * @param places the corners, either way round
 */
public record OutlineSketch(List<Place> places) {
    /** Shortest side that can be drawn, in metres; chosen by us: at the scale of a yard less is a slip of the hand. */
    public static final double LEAST_SIDE_METRES = 0.5;

    /** A corner nearer to a right angle than this counts as square, in radians; chosen by us: nobody draws 4° on purpose. */
    private static final double SQUARE_WITHIN = Math.toRadians(4);

    /** Headings of sides closer than this are the same, in radians. */
    private static final double SAME_HEADING = Math.toRadians(1);

    /**
     * A corner of a drawing.
     *
     * @param at in the axes of the drawing, in metres
     * @param was the number it had in the outline before, where it stands as it stood; missing where it is new or moved
     */
    public record Place(Point at, @Nullable Integer was) {
        /** A corner that is new, or moved. */
        public Place(Point at) {
            this(at, null);
        }
    }

    /**
     * What a drawing comes to.
     *
     * @param outline as if measured, with as many diagonals as hold it
     * @param axes of the outline in those of the drawing: where its corner A lies, and which way its side AB points
     */
    public record SketchResult(MeasuredOutline outline, CoursePlacement axes) {}

    public OutlineSketch {
        places = List.copyOf(places);
    }

    /** A first drawing. */
    public static OutlineSketch of(List<Point> corners) {
        return new OutlineSketch(corners.stream().map(Place::new).toList());
    }

    /** What keeps this from being an outline. */
    public List<Finding> check() {
        int n = places.size();
        if (n < 3 || n > MeasuredOutline.MOST_SIDES) {
            return List.of(finding(
                    "sketch-corners",
                    Sentence.plain("A yard has from 3 to " + MeasuredOutline.MOST_SIDES + " corners, not " + n + ".")));
        }
        for (int i = 0; i < n; i++) {
            double side = length(places, i);
            if (!(side >= LEAST_SIDE_METRES && side <= MeasuredLength.MAX_METRES)) {
                return List.of(finding(
                        "sketch-side",
                        Sentence.of(
                                "Two corners beside one another lie %s apart; draw from %s to %s.",
                                Sentence.metres(side),
                                Sentence.metres(LEAST_SIDE_METRES),
                                Sentence.metres(MeasuredLength.MAX_METRES, 0))));
            }
        }
        if (!polygon(places).isValid()) {
            return List.of(finding(
                    SurveyedOutline.CROSSES,
                    Sentence.plain(
                            "Two sides of this drawing cross. Put the corners down in the order you walk past them.")));
        }
        return List.of();
    }

    private static Finding finding(String code, Sentence message) {
        return new Finding(code, "places", message);
    }

    /**
     * What the drawing comes to.
     *
     * @param before the outline it is drawn over; missing for a first one
     * @throws IllegalArgumentException where {@link #check} finds something
     */
    public SketchResult drawn(@Nullable MeasuredOutline before) {
        List<Finding> findings = check();
        if (!findings.isEmpty()) {
            throw new IllegalArgumentException(findings.get(0).message() + " Check with OutlineSketch.check first.");
        }
        List<Place> walked = walked();
        Point a = walked.get(0).at;
        Point b = walked.get(1).at;
        MeasuredOutline outline = new Tracing(walked, before).outline();
        return new SketchResult(outline, new CoursePlacement(a.x(), a.y(), Math.atan2(b.y() - a.y(), b.x() - a.x())));
    }

    /**
     * The corners with the yard at the left hand. In a first drawing A is where the side begins that points most to the
     * right, of several the longest: as it is drawn, so it stands. In a later one the first stays the first.
     */
    private List<Place> walked() {
        List<Place> walked = new ArrayList<>(places);
        if (!Orientation.isCCW(polygon(places).getExteriorRing().getCoordinates())) {
            Collections.reverse(walked);
            Collections.rotate(walked, 1);
        }
        if (walked.stream().allMatch(p -> p.was == null)) {
            int n = walked.size();
            int first = IntStream.range(0, n)
                    .boxed()
                    .min(Comparator.comparingLong((Integer i) -> offRight(walked, i))
                            .thenComparingDouble(i -> -length(walked, i)))
                    .orElse(0);
            Collections.rotate(walked, -first);
        }
        return walked;
    }

    private static long offRight(List<Place> walked, int i) {
        Point from = walked.get(i).at;
        Point to = walked.get((i + 1) % walked.size()).at;
        return Math.round(Math.abs(Math.atan2(to.y() - from.y(), to.x() - from.x())) / SAME_HEADING);
    }

    private static double length(List<Place> walked, int i) {
        return walked.get(i).at.distanceTo(walked.get((i + 1) % walked.size()).at);
    }

    private static Polygon polygon(List<Place> places) {
        return Shapes.polygon(places.stream().map(Place::at).toList());
    }

    /** Takes from a drawing what would have been measured of it, and keeps what was. */
    private static final class Tracing {
        private final List<Place> walked;
        private final @Nullable MeasuredOutline before;
        private final int n;

        Tracing(List<Place> walked, @Nullable MeasuredOutline before) {
            this.walked = walked;
            this.before = before;
            this.n = walked.size();
        }

        MeasuredOutline outline() {
            List<MeasuredLength> sides =
                    IntStream.range(0, n).mapToObj(this::side).toList();
            List<Corner> corners = IntStream.range(0, n).mapToObj(this::corner).toList();
            List<MeasuredOutline.Diagonal> diagonals = kept();
            MeasuredOutline loose = new MeasuredOutline(sides, corners, diagonals);
            Point[] at = walked.stream().map(Place::at).toArray(Point[]::new);
            diagonals.addAll(new Bracing(loose, at).wanted());
            return new MeasuredOutline(sides, corners, diagonals);
        }

        private MeasuredLength side(int i) {
            MeasuredOutline b = before;
            Integer from = walked.get(i).was;
            Integer to = walked.get((i + 1) % n).was;
            return b != null
                            && from != null
                            && to != null
                            && to == (from + 1) % b.sides().size()
                    ? b.sides().get(from)
                    : MeasuredLength.drawn(length(walked, i));
        }

        private Corner corner(int i) {
            MeasuredOutline b = before;
            Integer was = walked.get(i).was;
            Integer previous = walked.get((i + n - 1) % n).was;
            Integer next = walked.get((i + 1) % n).was;
            if (b != null && was != null && previous != null && next != null) {
                int m = b.sides().size();
                if (was == (previous + 1) % m && next == (was + 1) % m) {
                    return b.corners().get(was);
                }
            }
            double inside = OutlineMeasure.interior(
                    walked.get((i + n - 1) % n).at, walked.get(i).at, walked.get((i + 1) % n).at);
            boolean back = inside > Math.PI;
            boolean square = Math.abs(inside - (back ? 3 : 1) * Math.PI / 2) <= SQUARE_WITHIN;
            return square ? (back ? Corner.SQUARE_BACK : Corner.SQUARE) : back ? Corner.OPEN_BACK : Corner.OPEN;
        }

        /** The diagonals between corners that stand as they stood and have not become neighbours. */
        private List<MeasuredOutline.Diagonal> kept() {
            List<MeasuredOutline.Diagonal> kept = new ArrayList<>();
            if (before != null) {
                for (MeasuredOutline.Diagonal d : before.diagonals()) {
                    int from = now(d.from());
                    int to = now(d.to());
                    if (from >= 0 && to >= 0 && (from + 1) % n != to && (to + 1) % n != from) {
                        kept.add(new MeasuredOutline.Diagonal(from, to, d.length()));
                    }
                }
            }
            return kept;
        }

        /** The number that a corner of before has now; -1 where it has none. */
        private int now(int was) {
            return IntStream.range(0, n)
                    .filter(i -> Integer.valueOf(was).equals(walked.get(i).was))
                    .findFirst()
                    .orElse(-1);
        }
    }
}
