package wrenlane.yard;

import java.util.List;
import org.locationtech.jts.geom.Polygon;
import wrenlane.plane.Point;

/**
 * Something on the yard that a machine keeps off, or had better not turn on: a rectangle.
 *
 * @param name as the instructor calls it
 * @param at its middle, in the yard's axes
 * @param lengthMetres along its own x
 * @param widthMetres across
 * @param turnRadians from the yard's x to its own
 * @param keepClearMetres ground to leave free all round it
 */
public record Obstacle(
        Kind kind,
        String name,
        Point at,
        double lengthMetres,
        double widthMetres,
        double turnRadians,
        double keepClearMetres) {
    /** Largest extent, in metres. */
    public static final double MOST_METRES = 200;

    /** Most ground kept clear, in metres. */
    public static final double MOST_CLEAR_METRES = 20;

    /** What it is. */
    public enum Kind {
        POST("post", true, 0.3, 0.3, 1),
        KERB("kerb", true, 4, 0.2, 1),
        PARKED_CAR("parked car", true, 4.5, 1.8, 1.5),
        WALL("wall or fence", true, 5, 0.2, 1.5),
        DRAIN("drain cover", false, 0.7, 0.7, 0.5),
        PAINT("painted patch", false, 3, 1.5, 0.5),
        SAND("loose patch", false, 2, 2, 1),
        MOSS("moss or oil", false, 2, 1, 1);

        private final String label;
        private final boolean blocks;
        private final double lengthMetres;
        private final double widthMetres;
        private final double keepClearMetres;

        Kind(String label, boolean blocks, double lengthMetres, double widthMetres, double keepClearMetres) {
            this.label = label;
            this.blocks = blocks;
            this.lengthMetres = lengthMetres;
            this.widthMetres = widthMetres;
            this.keepClearMetres = keepClearMetres;
        }

        /**
         * One of this kind to begin with, until its own figures are known; chosen by us: an object of everyday size, and
         * room beside it for a rider who is a hand's breadth to a metre and a half off the line.
         *
         * @param at its middle, in the yard's axes
         */
        public Obstacle usual(Point at) {
            return new Obstacle(this, "", at, lengthMetres, widthMetres, 0, keepClearMetres);
        }

        public String label() {
            return label;
        }

        /** Whether a machine is stopped by it; it only slips on the others. */
        public boolean blocks() {
            return blocks;
        }
    }

    public Obstacle {
        if (!(lengthMetres > 0 && lengthMetres <= MOST_METRES && widthMetres > 0 && widthMetres <= MOST_METRES)) {
            throw new IllegalArgumentException("an obstacle of " + lengthMetres + " m by " + widthMetres
                    + " m; both lie above 0 and up to " + MOST_METRES + " m");
        }
        if (!(keepClearMetres >= 0 && keepClearMetres <= MOST_CLEAR_METRES)) {
            throw new IllegalArgumentException(
                    "keepClearMetres is " + keepClearMetres + " m; it lies between 0 and " + MOST_CLEAR_METRES + " m");
        }
    }

    /** With the ground to keep clear round it, corners square: a little more than is asked for. */
    Polygon keptClear() {
        double l = lengthMetres / 2 + keepClearMetres;
        double w = widthMetres / 2 + keepClearMetres;
        CoursePlacement stand = new CoursePlacement(at.x(), at.y(), turnRadians);
        return Shapes.polygon(List.of(
                stand.toYard(new Point(-l, -w)),
                stand.toYard(new Point(l, -w)),
                stand.toYard(new Point(l, w)),
                stand.toYard(new Point(-l, w))));
    }

    /** For a message. */
    String called() {
        return name.isBlank() ? "the " + kind.label : name;
    }
}
