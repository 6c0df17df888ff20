package wrenlane.yard;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import wrenlane.course.plan.Cone;
import wrenlane.plane.Point;

/** A course where it stands on a yard. */
public record PlacedGround(CourseGround ground, CoursePlacement stand) {
    public String name() {
        return ground.name();
    }

    /** Where one of its cones stands, in the yard's axes. */
    Point placeOf(Cone cone) {
        return stand.toYard(cone.centre());
    }

    /** Corners of the ground ridden on, in the yard's axes. */
    public List<Point> area() {
        return stand.corners(ground.ridden());
    }

    /** Corners of the ground it needs with its run-outs, in the yard's axes. */
    public List<Point> runOut() {
        return stand.corners(ground.withRunOut());
    }

    /** The way through, in the yard's axes. */
    public List<Point> way() {
        return ground.way().stream().map(stand::toYard).toList();
    }

    /** The heading at the start, from the yard's x. */
    double startHeadingRadians() {
        return stand.turnRadians() + ground.start().headingRadians();
    }

    Polygon areaPolygon() {
        return Shapes.polygon(area());
    }

    Polygon runOutPolygon() {
        return Shapes.polygon(runOut());
    }

    /** Ground that nobody stands on while somebody rides. */
    Polygon closedToPeople() {
        return Shapes.polygon(stand.corners(ground.closedToPeople()));
    }

    LineString wayLine() {
        return Shapes.FACTORY.createLineString(way().stream().map(Shapes::at).toArray(Coordinate[]::new));
    }
}
