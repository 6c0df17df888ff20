package wrenlane.yard;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import wrenlane.budget.Budget;

/** Ground that a path from the entrance can lead over: where the middle of a path may be, so that all of it is free. */
final class AccessGround {
    /** Width of a path, in metres; chosen by us: a machine and a hand's breadth. */
    static final double PATH_METRES = 1.5;

    private final @Nullable Geometry entrance;
    private final Geometry open;

    AccessGround(Yard yard) {
        this.entrance = yard.entrance()
                .map(e -> (Geometry) Shapes.FACTORY.createPoint(Shapes.at(e)))
                .orElse(null);
        Geometry inside = Shapes.polygon(yard.outline()).buffer(-PATH_METRES / 2, 1);
        this.open = less(
                inside,
                yard.obstacles().stream()
                        .filter(o -> o.kind().blocks())
                        .map(Obstacle::keptClear)
                        .toList());
    }

    /** The courses that no path leads to past the others; none where it is not known where machines come in. */
    List<PlacedGround> closedTo(List<PlacedGround> courses) {
        List<PlacedGround> closed = new ArrayList<>();
        Geometry gate = entrance;
        if (gate == null || courses.isEmpty()) {
            return closed;
        }
        List<Polygon> areas = courses.stream().map(PlacedGround::areaPolygon).toList();
        Geometry pastAll = less(open, areas);
        for (int i = 0; i < courses.size(); i++) {
            Polygon area = areas.get(i);
            // Past all of them is past the others; what lies under the course itself seldom matters.
            if (!leads(pastAll, gate, area)) {
                List<Polygon> others = new ArrayList<>(areas);
                others.remove(i);
                if (!leads(less(open, others), gate, area)) {
                    closed.add(courses.get(i));
                }
            }
        }
        return closed;
    }

    private static boolean leads(Geometry free, Geometry gate, Polygon area) {
        for (int i = 0; i < free.getNumGeometries(); i++) {
            Geometry part = free.getGeometryN(i);
            if (part.isWithinDistance(gate, PATH_METRES) && part.isWithinDistance(area, PATH_METRES)) {
                return true;
            }
        }
        return false;
    }

    private static Geometry less(Geometry ground, List<Polygon> shapes) {
        if (shapes.isEmpty()) {
            return ground;
        }
        Budget.spend(1);
        List<Geometry> beside =
                shapes.stream().map(s -> s.buffer(PATH_METRES / 2, 1)).toList();
        return OverlayNGRobust.overlay(ground, OverlayNGRobust.union(beside), OverlayNG.DIFFERENCE);
    }
}
