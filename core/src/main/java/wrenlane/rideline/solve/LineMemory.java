package wrenlane.rideline.solve;

import org.jspecify.annotations.Nullable;
import wrenlane.course.plan.Route;

/** Lines found for one course, to start from when a dimension of it has changed a little. */
public final class LineMemory {
    /** A route that grew or shrank by more than this share is looked at afresh. */
    private static final double LIKE_SHARE = 0.12;

    private final LineNodes roomiest;
    private final @Nullable LineNodes easiest;
    private final double routeMetres;
    private final double speedMetresPerSecond;

    public LineMemory(
            LineNodes roomiest, @Nullable LineNodes easiest, double routeMetres, double speedMetresPerSecond) {
        this.roomiest = roomiest;
        // While a dimension is dragged nodes stand as far apart as can be.
        this.easiest = easiest == null ? null : easiest.with(roomiest.segments);
        this.routeMetres = routeMetres;
        this.speedMetresPerSecond = speedMetresPerSecond;
    }

    /** The speed they were found at, in m/s. */
    public double speedMetresPerSecond() {
        return speedMetresPerSecond;
    }

    /** What it takes of the memory, in bytes: four numbers a node. */
    public int bytes() {
        int nodes = roomiest.segments + 1 + (easiest == null ? 0 : easiest.segments + 1);
        return 4 * Double.BYTES * nodes;
    }

    @Nullable
    public LineNodes roomiest(Route route) {
        return like(route) ? roomiest : null;
    }

    public LineNodes easiest(Route route, LineNodes otherwise) {
        return like(route) && easiest != null ? easiest : otherwise;
    }

    private boolean like(Route route) {
        return Math.abs(route.lengthMetres() / routeMetres - 1) < LIKE_SHARE;
    }
}
