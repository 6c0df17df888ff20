package wrenlane.yard;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.algorithm.MinimumDiameter;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.index.strtree.STRtree;
import wrenlane.finding.Finding;
import wrenlane.finding.Sentence;

/** What one standing course runs into: the rim of the yard, what stands on it, another course. */
final class Conflicts {
    /** The way through may lie this far from the line ridden, in metres; chosen by us, from the lines of all kinds. */
    private static final double WAY_METRES = 0.8;

    /** Code of the finding that two courses overlap. */
    static final String OVERLAP = "courses-overlap";

    private final Polygon outline;
    private final PreparedGeometry preparedOutline;
    private final STRtree blocking = new STRtree();
    private final STRtree slippery = new STRtree();

    /** An obstacle with the ground to keep clear of it, and its number on the yard. */
    private record Patch(int number, Obstacle obstacle, Polygon keptClear) {}

    Conflicts(Yard yard) {
        this.outline = Shapes.polygon(yard.outline());
        this.preparedOutline = PreparedGeometryFactory.prepare(outline);
        for (int i = 0; i < yard.obstacles().size(); i++) {
            Obstacle o = yard.obstacles().get(i);
            Patch patch = new Patch(i, o, o.keptClear());
            (o.kind().blocks() ? blocking : slippery).insert(patch.keptClear().getEnvelopeInternal(), patch);
        }
        blocking.build();
        slippery.build();
    }

    /** The obstacles of an index near a place, in the order they were measured. */
    private static List<Patch> near(STRtree index, Envelope place) {
        List<Patch> found = new ArrayList<>();
        for (Object patch : index.query(place)) {
            found.add((Patch) patch);
        }
        found.sort(Comparator.comparingInt(Patch::number));
        return found;
    }

    /** The course sticks out of the yard, or a machine that goes straight on leaves it. */
    Optional<Finding> withTheRim(PlacedGround c) {
        double area = sticksOut(c.areaPolygon());
        if (area > GroundPlan.TOUCHING_METRES) {
            return found("outside-yard", c, "%s sticks out of the yard by %s.", c.name(), Sentence.metres(area, 1));
        }
        double runOut = sticksOut(c.runOutPolygon());
        return runOut > GroundPlan.TOUCHING_METRES
                ? found(
                        "run-out-outside",
                        c,
                        "A machine that goes straight on from %s leaves the yard: %s of run-out are missing.",
                        c.name(),
                        Sentence.metres(runOut, 1))
                : Optional.empty();
    }

    private double sticksOut(Polygon shape) {
        if (preparedOutline.covers(shape)) {
            return 0;
        }
        return Arrays.stream(shape.difference(outline).getCoordinates())
                .mapToDouble(c -> Shapes.FACTORY.createPoint(c).distance(outline))
                .max()
                .orElse(0);
    }

    /** What blocks a machine on the course or in its run-outs. */
    List<Finding> withObstacles(PlacedGround c) {
        Polygon area = c.areaPolygon();
        Polygon runOut = c.runOutPolygon();
        return near(blocking, runOut.getEnvelopeInternal()).stream()
                .flatMap(p -> withObstacle(c, area, runOut, p).stream())
                .toList();
    }

    private static Optional<Finding> withObstacle(PlacedGround c, Polygon area, Polygon runOut, Patch p) {
        if (overlap(area, p.keptClear()) > GroundPlan.TOUCHING_METRES) {
            return found(
                    "obstacle-in-course",
                    c,
                    "%s stands on or too close to %s.",
                    c.name(),
                    p.obstacle().called());
        }
        return overlap(runOut, p.keptClear()) > GroundPlan.TOUCHING_METRES
                ? found(
                        "obstacle-in-run-out",
                        c,
                        "A machine that goes straight on from %s meets %s.",
                        c.name(),
                        p.obstacle().called())
                : Optional.empty();
    }

    /** What a tyre slips on, on the way through. */
    List<Finding> withSlipperyGround(PlacedGround c) {
        LineString way = c.wayLine();
        Envelope close = way.getEnvelopeInternal();
        close.expandBy(WAY_METRES);
        return near(slippery, close).stream()
                .filter(p -> way.isWithinDistance(p.keptClear(), WAY_METRES))
                .flatMap(p -> found(
                        "slippery-on-the-way",
                        c,
                        "%s: the way leads over or close by %s. Move the course; if that cannot be, sweep, and mark it.",
                        c.name(),
                        p.obstacle().called())
                        .stream())
                .toList();
    }

    /** Two courses that overlap, share cones, or would send two machines to the same ground. */
    static Optional<Finding> between(PlacedGround a, PlacedGround b) {
        double runOut = overlap(a.runOutPolygon(), b.runOutPolygon());
        if (runOut <= GroundPlan.TOUCHING_METRES) {
            return Optional.empty();
        }
        List<SharedCones.SharedCone> cones = SharedCones.between(a, b);
        if (!cones.isEmpty()) {
            return found(
                    "cones-shared",
                    a,
                    "%s and %s share %d cone%s (%s): never let both be ridden at once.",
                    a.name(),
                    b.name(),
                    cones.size(),
                    cones.size() == 1 ? "" : "s",
                    SharedCones.named(cones));
        }
        double areas = overlap(a.areaPolygon(), b.areaPolygon());
        return areas > GroundPlan.TOUCHING_METRES
                ? found(OVERLAP, a, "%s and %s overlap by %s.", a.name(), b.name(), Sentence.metres(areas, 1))
                : found(
                        "run-outs-shared",
                        a,
                        "%s and %s share %s of run-out: never let both be ridden at once, or move them apart.",
                        a.name(),
                        b.name(),
                        Sentence.metres(runOut, 1));
    }

    /** Two courses whose cones would stand on one another without being alike. */
    static Optional<Finding> onOneSpot(PlacedGround a, PlacedGround b) {
        return SharedCones.colliding(a, b)
                .flatMap(both -> found(
                        "cones-on-one-spot",
                        a,
                        "The %s of %s and the %s of %s would stand on one another: set both out in the same marker, or move"
                                + " one course.",
                        both.first(),
                        a.name(),
                        both.second(),
                        b.name()));
    }

    /** How far two shapes overlap: the lesser extent of what they share, in metres. */
    private static double overlap(Polygon a, Polygon b) {
        if (!a.getEnvelopeInternal().intersects(b.getEnvelopeInternal())) {
            return 0;
        }
        Geometry shared = a.intersection(b);
        return shared.getArea() <= 0 ? 0 : new MinimumDiameter(shared).getLength();
    }

    static Optional<Finding> found(String code, PlacedGround c, String format, Object... args) {
        return Optional.of(new Finding(code, c.name(), Sentence.of(format, args)));
    }
}
