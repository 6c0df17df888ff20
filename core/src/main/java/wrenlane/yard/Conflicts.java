package wrenlane.yard;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.locationtech.jts.algorithm.MinimumDiameter;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import wrenlane.finding.Finding;

/** What one standing course runs into: the rim of the yard, what stands on it, another course. */
final class Conflicts {
    /** The way through may lie this far from the line ridden, in metres; chosen by us, from the lines of all kinds. */
    private static final double WAY_METRES = 0.8;

    private final Yard yard;
    private final Polygon outline;

    Conflicts(Yard yard) {
        this.yard = yard;
        this.outline = Shapes.polygon(yard.outline());
    }

    /** The course sticks out of the yard, or a machine that goes straight on leaves it. */
    Optional<Finding> withTheRim(StandingCourse c) {
        double area = sticksOut(c.areaPolygon());
        if (area > GroundPlan.TOUCHING_METRES) {
            return found("outside-yard", c, "%s sticks out of the yard by %.1f m.", c.name(), area);
        }
        double runOut = sticksOut(c.runOutPolygon());
        return runOut > GroundPlan.TOUCHING_METRES
                ? found(
                        "run-out-outside",
                        c,
                        "A machine that goes straight on from %s leaves the yard: %.1f m of run-out are missing.",
                        c.name(),
                        runOut)
                : Optional.empty();
    }

    private double sticksOut(Polygon shape) {
        return Arrays.stream(shape.difference(outline).getCoordinates())
                .mapToDouble(c -> Shapes.FACTORY.createPoint(c).distance(outline))
                .max()
                .orElse(0);
    }

    /** What blocks a machine on the course or in its run-outs. */
    List<Finding> withObstacles(StandingCourse c) {
        List<Finding> findings = new ArrayList<>();
        for (Obstacle o : yard.obstacles()) {
            if (o.kind().blocks()) {
                withObstacle(c, o).ifPresent(findings::add);
            }
        }
        return findings;
    }

    private static Optional<Finding> withObstacle(StandingCourse c, Obstacle o) {
        if (overlap(c.areaPolygon(), o.keptClear()) > GroundPlan.TOUCHING_METRES) {
            return found("obstacle-in-course", c, "%s stands on or too close to %s.", c.name(), o.called());
        }
        return overlap(c.runOutPolygon(), o.keptClear()) > GroundPlan.TOUCHING_METRES
                ? found(
                        "obstacle-in-run-out",
                        c,
                        "A machine that goes straight on from %s meets %s.",
                        c.name(),
                        o.called())
                : Optional.empty();
    }

    /** What a tyre slips on, on the way through. */
    List<Finding> withSlipperyGround(StandingCourse c) {
        return yard.obstacles().stream()
                .filter(o -> !o.kind().blocks() && c.wayLine().distance(o.keptClear()) < WAY_METRES)
                .flatMap(o -> found(
                        "slippery-on-the-way",
                        c,
                        "%s: the way leads over or close by %s. Move the course; if that cannot be, sweep, and mark it.",
                        c.name(),
                        o.called())
                        .stream())
                .toList();
    }

    /** Two courses that overlap, or would send two machines to the same ground. */
    static Optional<Finding> between(StandingCourse a, StandingCourse b) {
        double areas = overlap(a.areaPolygon(), b.areaPolygon());
        if (areas > GroundPlan.TOUCHING_METRES) {
            return found("courses-overlap", a, "%s and %s overlap by %.1f m.", a.name(), b.name(), areas);
        }
        double shared = overlap(a.runOutPolygon(), b.runOutPolygon());
        return shared > GroundPlan.TOUCHING_METRES
                ? found(
                        "run-outs-shared",
                        a,
                        "%s and %s share %.1f m of run-out: never let both be ridden at once, or move them apart.",
                        a.name(),
                        b.name(),
                        shared)
                : Optional.empty();
    }

    /** How far two shapes overlap: the lesser extent of what they share, in metres. */
    private static double overlap(Polygon a, Polygon b) {
        Geometry shared = a.intersection(b);
        return shared.getArea() <= 0 ? 0 : new MinimumDiameter(shared).getLength();
    }

    static Optional<Finding> found(String code, StandingCourse c, String format, Object... args) {
        return Optional.of(new Finding(code, c.name(), String.format(Locale.ROOT, format, args)));
    }
}
