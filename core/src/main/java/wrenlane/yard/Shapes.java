package wrenlane.yard;

import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import wrenlane.plane.Point;

/** From our points to JTS geometry and back. */
final class Shapes {
    static final GeometryFactory FACTORY = new GeometryFactory();

    private Shapes() {}

    static Coordinate at(Point p) {
        return new Coordinate(p.x(), p.y());
    }

    static Point at(Coordinate c) {
        return new Point(c.x, c.y);
    }

    /** The polygon with these corners. */
    static Polygon polygon(List<Point> corners) {
        Coordinate[] ring = new Coordinate[corners.size() + 1];
        for (int i = 0; i < ring.length; i++) {
            ring[i] = at(corners.get(i % corners.size()));
        }
        return FACTORY.createPolygon(ring);
    }

    /** The corners of a polygon without holes, the first not repeated. */
    static List<Point> corners(Polygon polygon) {
        Coordinate[] ring = polygon.getExteriorRing().getCoordinates();
        return Arrays.stream(ring, 0, ring.length - 1).map(Shapes::at).toList();
    }
}
