package wrenlane.verdict;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wrenlane.course.Course;
import wrenlane.course.plan.Pace;
import wrenlane.machine.Side;
import wrenlane.rideline.LineTask;
import wrenlane.rideline.solve.LineNodes;
import wrenlane.rideline.solve.LineSearch;
import wrenlane.riding.Ride;
import wrenlane.riding.RidingPoint;
import wrenlane.riding.TurnLimit;
import wrenlane.riding.TurnLimits;

/**
 * The speeds at which a course can be ridden, and why it closes at either end.
 *
 * @param slowest m/s; the rider's balance, or where something else opens the window
 * @param slowestBecause what closes it below
 * @param fastest m/s
 * @param fastestBecause what closes it above; empty where it stays open as far as was looked
 * @param roomiest the speed with the most room, m/s
 * @param idleWalking the machine's own speed with the clutch home, m/s, where it drives at idle
 */
public record SpeedWindow(
        double slowest,
        TurnLimit slowestBecause,
        double fastest,
        Optional<TurnLimit> fastestBecause,
        double roomiest,
        Optional<Double> idleWalking) {
    /** Fastest looked at, in m/s: 25 km/h; beyond that no slow-riding course is ridden. */
    public static final double FASTEST_LOOKED_AT = 25 / 3.6;

    private static final int SCANNED = 7;
    private static final double TOLERANCE = 0.02;
    private static final double SAME_ROOM_METRES = 0.005;

    /** Whether the course is ridden slower than the machine walks on its own: the friction zone is needed. */
    public boolean needsFrictionZone() {
        return idleWalking.isPresent() && idleWalking.get() > fastest;
    }

    /** The window of a course; empty where it fits at no speed, or is not rolled through. */
    public static Optional<SpeedWindow> of(Course course, Ride ride) {
        return course.plan().route().pace() == Pace.ROLLING ? new Scan(course, ride).window() : Optional.empty();
    }

    /** One look through the speeds; lines found at one speed start the search at the next. */
    private static final class Scan {
        private final Course course;
        private final Ride ride;
        private @Nullable LineNodes last;

        /** Room found at a speed. */
        private record At(double speed, double room) {}

        Scan(Course course, Ride ride) {
            this.course = course;
            this.ride = ride;
        }

        Optional<SpeedWindow> window() {
            double lowest = ride.limits().lowestSpeedMetresPerSecond();
            List<At> scanned = new ArrayList<>();
            double stride = Math.pow(FASTEST_LOOKED_AT / lowest, 1.0 / (SCANNED - 1));
            for (int i = 0; i < SCANNED; i++) {
                double v = lowest * Math.pow(stride, i);
                At at = new At(v, room(v));
                scanned.add(at);
                if (at.room < 0 && scanned.stream().anyMatch(a -> a.room >= 0)) {
                    break;
                }
            }
            Optional<At> first = scanned.stream().filter(a -> a.room >= 0).findFirst();
            if (first.isEmpty()) {
                return Optional.empty();
            }
            // The slowest of those that leave as good as the most room.
            At best = scanned.stream()
                    .reduce((a, b) -> b.room > a.room + SAME_ROOM_METRES ? b : a)
                    .orElseThrow();
            At open = first.get();
            boolean fromBalance = open.speed <= lowest * (1 + 1e-9);
            double slowest = fromBalance ? lowest : edge(open.speed, open.speed / stride);
            At end = scanned.get(scanned.size() - 1);
            boolean closes = end.room < 0;
            double fastest = closes ? edge(end.speed / stride, end.speed) : FASTEST_LOOKED_AT;
            return Optional.of(new SpeedWindow(
                    slowest,
                    fromBalance ? TurnLimit.BALANCE : because(slowest * (1 - 2 * TOLERANCE)),
                    fastest,
                    closes ? Optional.of(because(fastest * (1 + 2 * TOLERANCE))) : Optional.empty(),
                    best.speed,
                    ride.turn().machine().idleWalkingSpeedMetresPerSecond()));
        }

        private double room(double speed) {
            LineSearch search = new LineSearch(LineTask.of(course, ride, speed));
            LineSearch.Found found = last == null ? search.roomiest(null) : search.follow(last);
            if (!found.holds() && last != null) {
                found = search.roomiest(null);
            }
            if (found.holds()) {
                last = found.nodes();
                return found.room();
            }
            return Math.min(found.room(), -1e-6);
        }

        private boolean fits(double speed) {
            LineSearch search = new LineSearch(LineTask.of(course, ride, speed));
            LineSearch.Found found = search.near(Objects.requireNonNull(last, "an edge lies beside a speed that fits"));
            if (found.holds()) {
                last = found.nodes();
            }
            return found.holds();
        }

        /** The speed between one that fits and one that does not at which it changes. */
        private double edge(double fits, double fails) {
            double in = fits;
            double out = fails;
            while (Math.abs(in - out) > TOLERANCE * in) {
                double middle = (in + out) / 2;
                if (fits(middle)) {
                    in = middle;
                } else {
                    out = middle;
                }
            }
            return in;
        }

        /**
         * What closes the window at a speed at which nothing fits: the limit that, were it lifted, would give the most
         * room back.
         */
        private TurnLimit because(double speed) {
            LineTask task = LineTask.of(course, ride, speed);
            TurnLimits l = task.limits();
            RidingPoint left = ride.point(Pace.ROLLING, Side.LEFT, speed);
            RidingPoint right = ride.point(Pace.ROLLING, Side.RIGHT, speed);
            RidingPoint tighter = left.curvatureLimit() <= right.curvatureLimit() ? left : right;
            TurnLimits quick = new TurnLimits(l.left(), l.right(), LIFTED * l.rate(), l.speedMetresPerSecond());
            TurnLimits tight =
                    new TurnLimits(LIFTED * l.left(), LIFTED * l.right(), l.rate(), l.speedMetresPerSecond());
            return room(task, quick) >= room(task, tight)
                    ? (left.curvatureRate() <= right.curvatureRate() ? left : right).rateBy()
                    : tighter.curvatureBy();
        }

        private static final double LIFTED = 1.3;

        private double room(LineTask task, TurnLimits limits) {
            LineSearch search = new LineSearch(new LineTask(task.route(), task.footprint(), limits));
            return (last == null ? search.roomiest(null) : search.follow(last)).room();
        }
    }
}
