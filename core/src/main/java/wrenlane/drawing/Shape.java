package wrenlane.drawing;

import java.util.List;
import wrenlane.plane.Point;

/** One thing drawn, in metres. */
public sealed interface Shape {
    Layer layer();

    /** A circle. */
    record Ring(Layer layer, Point centre, double radiusMetres) implements Shape {}

    /** Straight pieces from point to point; back to the first where closed. */
    record Path(Layer layer, List<Point> points, boolean closed) implements Shape {
        public Path {
            points = List.copyOf(points);
        }
    }

    /** Words, their middle on a place. */
    record Label(Layer layer, Point at, String text, double heightMetres) implements Shape {}
}
