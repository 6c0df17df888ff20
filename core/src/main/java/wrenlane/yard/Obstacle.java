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
        POST("post", true),
        KERB("kerb", true),
        PARKED_CAR("parked car", true),
        WALL("wall or fence", true),
        DRAIN("drain cover", false),
        PAINT("painted patch", false),
        SAND("loose patch", false),
        MOSS("moss or oil", false);

        private final String label;
        private final boolean blocks;

        Kind(String label, boolean blocks) {
            this.label = label;
            this.blocks = blocks;
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
        Stand stand = new Stand(at.x(), at.y(), turnRadians);
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
