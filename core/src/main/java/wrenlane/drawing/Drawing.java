package wrenlane.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import wrenlane.course.plan.Cone;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.CourseLine;
import wrenlane.course.plan.CoursePlan;
import wrenlane.plane.Point;
import wrenlane.verdict.RidingMark;
import wrenlane.yard.CoursePlacement;
import wrenlane.yard.Obstacle;
import wrenlane.yard.Yard;

/** Shapes in metres, x to the right, y up. */
public record Drawing(List<Shape> shapes) {
    /** Height of the labels of cones, in metres; chosen by us: legible on a page that shows 20 m. */
    private static final double LABEL_METRES = 0.4;

    public Drawing {
        shapes = List.copyOf(shapes);
    }

    /** The least rectangle that holds every shape, in metres. */
    public record Bounds(double minX, double maxX, double minY, double maxY) {
        public double widthMetres() {
            return maxX - minX;
        }

        public double heightMetres() {
            return maxY - minY;
        }
    }

    /**
     * A course in its own axes.
     *
     * @param rideLine the rear wheel's way; the plan's way through where it is empty
     * @param marks to ride it by, chalked as crosses
     */
    public static Drawing of(CoursePlan plan, List<Point> rideLine, List<RidingMark> marks) {
        List<Shape> shapes = new ArrayList<>();
        addCourse(shapes, plan, rideLine.isEmpty() ? plan.route().points() : rideLine, p -> p, true);
        for (RidingMark mark : marks) {
            addCross(shapes, mark.at());
            Point beside = new Point(mark.at().x() + LABEL_METRES, mark.at().y() - LABEL_METRES / 3);
            shapes.add(new Shape.Label(Layer.LABELS, beside, mark.label(), LABEL_METRES));
        }
        return new Drawing(shapes);
    }

    private static void addCross(List<Shape> shapes, Point at) {
        for (int slope : new int[] {1, -1}) {
            Point from = new Point(at.x() - CROSS_METRES, at.y() - slope * CROSS_METRES);
            Point to = new Point(at.x() + CROSS_METRES, at.y() + slope * CROSS_METRES);
            shapes.add(new Shape.Path(Layer.CHALK, List.of(from, to), false));
        }
    }

    /** Half of a chalked cross, in metres. */
    private static final double CROSS_METRES = 0.15;

    /** A course and where it stands. */
    public record CourseDrawing(String name, CoursePlan plan, CoursePlacement stand) {}

    /** A yard with courses standing on it, in the yard's axes. */
    public static Drawing of(Yard yard, List<CourseDrawing> courses) {
        List<Shape> shapes = new ArrayList<>();
        shapes.add(new Shape.Path(Layer.YARD, yard.outline(), true));
        for (Obstacle o : yard.obstacles()) {
            CoursePlacement stand = new CoursePlacement(o.at().x(), o.at().y(), o.turnRadians());
            double l = o.lengthMetres() / 2;
            double w = o.widthMetres() / 2;
            shapes.add(rectangle(Layer.OBSTACLES, stand, -l, l, -w, w));
        }
        for (CourseDrawing c : courses) {
            CoursePlan.Area a = c.plan.area();
            shapes.add(rectangle(Layer.AREAS, c.stand, a.minX(), a.maxX(), a.minY(), a.maxY()));
            addCourse(shapes, c.plan, c.plan.route().points(), c.stand::toYard, false);
            Point middle = new Point((a.minX() + a.maxX()) / 2, (a.minY() + a.maxY()) / 2);
            shapes.add(new Shape.Label(Layer.LABELS, c.stand.toYard(middle), c.name, 2 * LABEL_METRES));
        }
        return new Drawing(shapes);
    }

    private static Shape rectangle(
            Layer layer, CoursePlacement stand, double minX, double maxX, double minY, double maxY) {
        return new Shape.Path(
                layer,
                List.of(
                        stand.toYard(new Point(minX, minY)),
                        stand.toYard(new Point(maxX, minY)),
                        stand.toYard(new Point(maxX, maxY)),
                        stand.toYard(new Point(minX, maxY))),
                true);
    }

    private static void addCourse(
            List<Shape> shapes, CoursePlan plan, List<Point> line, UnaryOperator<Point> placed, boolean labels) {
        for (CourseLine l : plan.lines()) {
            if (l.sort() != CourseLine.Sort.AREA) {
                shapes.add(new Shape.Path(Layer.LINES, List.of(placed.apply(l.from()), placed.apply(l.to())), false));
            }
        }
        shapes.add(new Shape.Path(Layer.RIDE_LINE, line.stream().map(placed).toList(), false));
        for (Cone c : plan.cones()) {
            Point centre = placed.apply(c.centre());
            shapes.add(new Shape.Ring(Layer.CONES, centre, c.marker().baseMetres() / 2));
            if (c.sort() == ConeSort.TALL) {
                shapes.add(new Shape.Ring(Layer.CONES, centre, c.marker().baseMetres() / 6));
            }
            if (labels) {
                shapes.add(new Shape.Label(Layer.LABELS, placed.apply(beside(c)), c.label(), LABEL_METRES));
            }
        }
    }

    /** Where a cone's label stands: outside the line it marks, else above it. */
    private static Point beside(Cone c) {
        double dx = c.centre().x() - c.mark().x();
        double dy = c.centre().y() - c.mark().y();
        double r = Math.hypot(dx, dy);
        double away = 1.6 * LABEL_METRES;
        // A label stands on its foot: downwards it needs its own height more.
        return r == 0
                ? new Point(c.centre().x(), c.centre().y() + LABEL_METRES / 2)
                : new Point(c.centre().x() + dx / r * away, c.centre().y() + dy / r * away - LABEL_METRES / 3);
    }

    /** The same without a layer. */
    public Drawing without(Layer layer) {
        return new Drawing(shapes.stream().filter(s -> s.layer() != layer).toList());
    }

    /** The least rectangle that holds every shape. */
    public Bounds bounds() {
        double minX = Double.POSITIVE_INFINITY;
        double maxX = Double.NEGATIVE_INFINITY;
        double minY = Double.POSITIVE_INFINITY;
        double maxY = Double.NEGATIVE_INFINITY;
        for (Shape shape : shapes) {
            for (Point p : extent(shape)) {
                minX = Math.min(minX, p.x());
                maxX = Math.max(maxX, p.x());
                minY = Math.min(minY, p.y());
                maxY = Math.max(maxY, p.y());
            }
        }
        return new Bounds(minX, maxX, minY, maxY);
    }

    private static List<Point> extent(Shape shape) {
        if (shape instanceof Shape.Path path) {
            return path.points();
        }
        if (shape instanceof Shape.Ring ring) {
            double r = ring.radiusMetres();
            Point c = ring.centre();
            return List.of(new Point(c.x() - r, c.y() - r), new Point(c.x() + r, c.y() + r));
        }
        return List.of(((Shape.Label) shape).at());
    }
}
