package wrenlane.course.plan;

import java.util.Optional;
import wrenlane.machine.Side;
import wrenlane.plane.Point;

/**
 * Something on the ground that a rider keeps clear of, on a stretch of the way.
 *
 * <p>The stretch is counted in stations: metres along the course's {@link Route}.
 */
public sealed interface Barrier {
    /** Height at which a body clears a row of cones that stands on a line, in metres: a tall cone's. */
    double LINE_HEIGHT_METRES = 0.45;

    /** What the verdict calls it, such as {@code cone 3} or {@code far line}. */
    String name();

    /** What of the machine has to clear it. */
    Part part();

    /** Where on the route it begins to count, in metres. */
    double fromStation();

    /** Where it stops to count, in metres. */
    double toStation();

    /**
     * Whether it stands where the course only begins or ends, such as an exit gate: it is not to be touched, but says
     * nothing of how much room the course leaves.
     */
    boolean atAnEnd();

    /** The same, mirrored in the x axis. */
    Barrier mirrored();

    /** The same on a way begun at a station of this one, in metres. */
    Barrier begun(double station);

    /** Its place nearest to another: a cone's centre, or the foot on a line. */
    Point nearestTo(Point other);

    /** What of a machine clears an obstacle. */
    enum Part {
        /** The wheels' contacts, half a tyre wide: painted lines and flat markers may be leaned over. */
        WHEELS,
        /** The whole machine at its widest. */
        BODY
    }

    /**
     * Passes a cone.
     *
     * @param centre of its base
     * @param radiusMetres of its base
     * @param heightMetres of its top
     * @param side the side of the rider it is passed on; empty where it is only not to be touched
     */
    record ConeBarrier(
            String name,
            Part part,
            Point centre,
            double radiusMetres,
            double heightMetres,
            Optional<Side> side,
            double fromStation,
            double toStation,
            boolean atAnEnd)
            implements Barrier {
        /** Of a cone: by the whole machine where it is tall, by the wheels where it is flat. */
        static ConeBarrier of(
                String name, Cone cone, Optional<Side> side, double fromStation, double toStation, boolean atAnEnd) {
            return new ConeBarrier(
                    name,
                    cone.sort() == ConeSort.TALL ? Part.BODY : Part.WHEELS,
                    cone.centre(),
                    cone.marker().baseMetres() / 2,
                    cone.marker().heightMetres(),
                    side,
                    fromStation,
                    toStation,
                    atAnEnd);
        }

        @Override
        public Point nearestTo(Point other) {
            return centre;
        }

        @Override
        public Barrier begun(double station) {
            return new ConeBarrier(
                    name,
                    part,
                    centre,
                    radiusMetres,
                    heightMetres,
                    side,
                    Math.max(0, fromStation - station),
                    toStation - station,
                    atAnEnd);
        }

        @Override
        public Barrier mirrored() {
            return new ConeBarrier(
                    name,
                    part,
                    centre.mirrored(),
                    radiusMetres,
                    heightMetres,
                    side.map(Side::opposite),
                    fromStation,
                    toStation,
                    atAnEnd);
        }
    }

    /**
     * Stays on one side of a line.
     *
     * @param from one end
     * @param to the other end
     * @param inside the side of the line, looking from {@code from} to {@code to}, that the machine stays on
     */
    record LineBarrier(
            String name,
            Part part,
            Point from,
            Point to,
            Side inside,
            double fromStation,
            double toStation,
            boolean atAnEnd)
            implements Barrier {
        @Override
        public Point nearestTo(Point other) {
            return other.nearestBetween(from, to);
        }

        @Override
        public Barrier begun(double station) {
            return new LineBarrier(
                    name, part, from, to, inside, Math.max(0, fromStation - station), toStation - station, atAnEnd);
        }

        @Override
        public Barrier mirrored() {
            return new LineBarrier(
                    name, part, from.mirrored(), to.mirrored(), inside.opposite(), fromStation, toStation, atAnEnd);
        }
    }
}
