package wrenlane.yard;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.MultiPoint;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import wrenlane.budget.Budget;
import wrenlane.plane.Point;
import wrenlane.riding.Ground;

/**
 * Where a rectangle can be put down on a yard, exactly, for one way it is turned.
 *
 * <p>A rectangle P moved by t meets a convex patch B just where t lies in the Minkowski sum B ⊕ (−P), which for convex
 * shapes is the hull of all differences of corners b − p. It meets a side of the outline likewise. So the moves that keep
 * it inside and off everything are the outline, moved so that P's first corner lies inside, less the sum of every side and
 * of every patch. Touching counts as clear. Source: configuration-space obstacles, as in any text on motion planning.
 */
final class FreeSpace {
    /** Turns closer together than this count as one, in radians; chosen by us: a thousandth moves 3 cm on 30 m. */
    private static final double SAME_TURN = 1e-3;

    private final Polygon outline;
    private final List<Polygon> blocks;
    private final List<Double> turns;

    /** What is taken from the ground of {@link #before}; both missing in the yard without courses. */
    private final @Nullable Polygon patch;

    private final @Nullable FreeSpace before;

    /** What was computed once, for this ground. */
    private final Map<RotatedGround, Geometry> known = new HashMap<>();

    private record RotatedGround(Ground ground, double turn) {}

    private FreeSpace(
            Polygon outline,
            List<Polygon> blocks,
            List<Double> turns,
            @Nullable Polygon patch,
            @Nullable FreeSpace before) {
        this.outline = outline;
        this.blocks = blocks;
        this.turns = turns;
        this.patch = patch;
        this.before = before;
    }

    /** All of a yard but what blocks a machine. */
    static FreeSpace of(Yard yard) {
        return new FreeSpace(
                Shapes.polygon(yard.outline()),
                yard.obstacles().stream()
                        .filter(o -> o.kind().blocks())
                        .map(Obstacle::keptClear)
                        .toList(),
                turns(yard),
                null,
                null);
    }

    /** The same less a convex patch; what was computed without it goes on from there. */
    FreeSpace without(Polygon convex) {
        return new FreeSpace(outline, blocks, turns, convex, this);
    }

    /** The same less all the ground that courses take. */
    FreeSpace without(List<PlacedGround> courses) {
        FreeSpace free = this;
        for (PlacedGround c : courses) {
            free = free.without(c.runOutPolygon());
        }
        return free;
    }

    /** The same less all the ground that nobody stands on while the courses are ridden. */
    FreeSpace forPeople(List<PlacedGround> courses) {
        FreeSpace free = this;
        for (PlacedGround c : courses) {
            free = free.without(c.closedToPeople());
        }
        return free;
    }

    /** Turns worth trying: along every side and every row of bays, by quarter turns, from 0 up to 2π. */
    List<Double> turns() {
        return turns;
    }

    private static List<Double> turns(Yard yard) {
        List<Double> along = new ArrayList<>();
        List<Point> corners = yard.outline();
        for (int i = 0; i < corners.size(); i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % corners.size());
            along.add(Math.atan2(b.y() - a.y(), b.x() - a.x()));
        }
        yard.bays().forEach(row -> along.add(row.turnRadians()));
        double quarter = Math.PI / 2;
        List<Double> quarters = new ArrayList<>();
        for (double direction : along) {
            double turn = direction - quarter * Math.floor(direction / quarter + SAME_TURN);
            if (quarters.stream().noneMatch(t -> Math.abs(t - turn) < SAME_TURN)) {
                quarters.add(turn);
            }
        }
        List<Double> turns = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            for (double turn : quarters) {
                turns.add(turn + i * quarter);
            }
        }
        return List.copyOf(turns);
    }

    /** Whether a rectangle can be put down at any of the turns, to what a tape can tell. */
    boolean hasRoomFor(double lengthMetres, double widthMetres) {
        double tape = GroundPlan.TOUCHING_METRES;
        Ground flat = new Ground(0, Math.max(tape, lengthMetres - tape), 0, Math.max(tape, widthMetres - tape));
        // A rectangle turned half round is the same one.
        return turns.subList(0, turns.size() / 2).stream()
                .anyMatch(turn -> !moves(flat, turn).isEmpty());
    }

    /**
     * The moves that keep a rectangle of ground, turned, inside the outline and off every patch; empty where there is none.
     * Goes on from the ground with the most patches for which that is known, all later ones taken off in one go.
     */
    Geometry moves(Ground ground, double turn) {
        RotatedGround key = new RotatedGround(ground, turn);
        Coordinate[] corners = Shapes.polygon(new CoursePlacement(0, 0, turn).corners(ground))
                .getExteriorRing()
                .getCoordinates();
        List<Polygon> patches = new ArrayList<>();
        FreeSpace at = this;
        while (at.before != null && at.patch != null && !at.known.containsKey(key)) {
            patches.add(at.patch);
            at = at.before;
        }
        Geometry there =
                at.known.computeIfAbsent(key, k -> less(moved(outline, -corners[0].x, -corners[0].y), rim(), corners));
        return known.computeIfAbsent(key, k -> less(there, patches, corners));
    }

    /** The sides of the outline and what blocks for good. */
    private List<Geometry> rim() {
        Coordinate[] ring = outline.getExteriorRing().getCoordinates();
        List<Geometry> rim = new ArrayList<>(blocks);
        for (int i = 1; i < ring.length; i++) {
            rim.add(Shapes.FACTORY.createLineString(new Coordinate[] {ring[i - 1], ring[i]}));
        }
        return rim;
    }

    private static Geometry less(Geometry free, List<? extends Geometry> patches, Coordinate[] corners) {
        if (patches.isEmpty() || free.isEmpty()) {
            return free;
        }
        Budget.spend(1);
        Envelope all = free.getEnvelopeInternal();
        List<Geometry> met = new ArrayList<>();
        for (Geometry p : patches) {
            Geometry sum = differences(p.getCoordinates(), corners);
            if (sum.getEnvelopeInternal().intersects(all)) {
                met.add(sum);
            }
        }
        return met.isEmpty() ? free : OverlayNGRobust.overlay(free, OverlayNGRobust.union(met), OverlayNG.DIFFERENCE);
    }

    private static Geometry differences(Coordinate[] of, Coordinate[] corners) {
        Coordinate[] all = new Coordinate[of.length * corners.length];
        int n = 0;
        for (Coordinate b : of) {
            for (Coordinate p : corners) {
                all[n++] = new Coordinate(b.x - p.x, b.y - p.y);
            }
        }
        MultiPoint points = Shapes.FACTORY.createMultiPointFromCoords(all);
        return points.convexHull();
    }

    private static Geometry moved(Geometry shape, double dx, double dy) {
        Geometry copy = shape.copy();
        copy.apply((Coordinate c) -> {
            c.x += dx;
            c.y += dy;
        });
        copy.geometryChanged();
        return copy;
    }
}
