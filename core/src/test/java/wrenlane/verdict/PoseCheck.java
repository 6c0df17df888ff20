package wrenlane.verdict;

import java.util.Optional;
import wrenlane.course.plan.Pace;
import wrenlane.machine.MachineDimension;
import wrenlane.machine.Side;
import wrenlane.rideline.LineTask;
import wrenlane.rideline.RideLine;
import wrenlane.riding.Ride;

/**
 * The pose of a machine at every node of a line, from vectors: the lean that balances the turn, and the plane of the
 * front wheel with the bars against the stop. A pose is possible where the bars still reach its turn, and the lean is one the
 * rider uses and the machine has. Shares no formula with the product.
 */
final class PoseCheck {
    private static final double GRAVITY = 9.80665;

    /** Rounding of curvatures, in 1/m, and of leans, in radians. */
    private static final double ROUNDING = 1e-5;

    /** Lean that every machine has, whatever it scrapes at, in radians: 1°. */
    private static final double EVERY_LEAN = Math.toRadians(1);

    private PoseCheck() {}

    /** The first pose that is not possible, in words; empty where all are, and where the line is not rolled along. */
    static Optional<String> broken(LineTask task, Ride ride, RideLine line) {
        double v = task.limits().speedMetresPerSecond();
        if (task.route().pace() != Pace.ROLLING || !(v > 0)) {
            return Optional.empty();
        }
        // Between two nodes the curvature changes evenly, and so the pose lies between theirs.
        for (int i = 0; i < line.curvatures().size(); i++) {
            double s = i * line.spacingMetres();
            double k = line.curvatures().get(i);
            Side side = k >= 0 ? Side.LEFT : Side.RIGHT;
            double lean = Math.atan(v * v * Math.abs(k) / GRAVITY);
            double scrape = ride.turn().machine().value(MachineDimension.scrapeLean(side));
            double most = Math.max(
                    EVERY_LEAN,
                    Math.min(
                            ride.limits().mostLeanRadians(),
                            scrape - ride.limits().leanReserveRadians()));
            if (lean > most + ROUNDING) {
                return Optional.of(
                        "leans %.2f° of %.2f° at %.2f m".formatted(Math.toDegrees(lean), Math.toDegrees(most), s));
            }
            double reached = curvatureAtTheStop(ride, side, lean);
            if (Math.abs(k) > reached + ROUNDING) {
                return Optional.of(
                        "turns %.4f /m at %.2f m, and full lock gives %.4f".formatted(Math.abs(k), s, reached));
            }
        }
        return Optional.empty();
    }

    /** tan Δ / p, with Δ from the front axle's vector turned by the lock about the steering axis and rolled by the lean. */
    private static double curvatureAtTheStop(Ride ride, Side side, double lean) {
        double lock = ride.turn().machine().value(MachineDimension.lock(side));
        double caster = ride.turn().machine().value(MachineDimension.CASTER_ANGLE);
        double[] axle = turned(new double[] {0, 1, 0}, new double[] {-Math.sin(caster), 0, Math.cos(caster)}, lock);
        double[] rolled = turned(axle, new double[] {1, 0, 0}, -lean);
        return -rolled[0] / rolled[1] / ride.turn().machine().value(MachineDimension.WHEELBASE);
    }

    /** v cos a + (u × v) sin a + u (u · v)(1 − cos a), anticlockwise about the unit vector u. */
    private static double[] turned(double[] v, double[] u, double a) {
        double along = (1 - Math.cos(a)) * (u[0] * v[0] + u[1] * v[1] + u[2] * v[2]);
        double[] cross = {u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]};
        double[] turned = new double[3];
        for (int i = 0; i < 3; i++) {
            turned[i] = v[i] * Math.cos(a) + cross[i] * Math.sin(a) + u[i] * along;
        }
        return turned;
    }
}
