package wrenlane.machine;

import java.util.Optional;
import wrenlane.finding.Finding;
import wrenlane.finding.Sentence;
import wrenlane.units.MeasuredLength;

/**
 * A full-lock circle as ridden or walked and then measured on the ground.
 *
 * @param side the side turned to
 * @param posture upright or leaned
 * @param diameter outer edge of the front tyre's track, edge to edge
 */
public record MeasuredCircle(Side side, Posture posture, MeasuredLength diameter) {

    /**
     * The turn this circle shows: Rf = (D − tyre)/2, sin Δ = p / Rf.
     *
     * @param wheelbaseMetres p
     * @param frontTyreMetres width of the front tyre
     * @return empty where the circle is so small that the front wheel would stand square across (Rf ≤ p)
     */
    public Optional<SteeredTurn> turn(double wheelbaseMetres, double frontTyreMetres) {
        double sine = wheelbaseMetres / ((diameter.metres() - frontTyreMetres) / 2);
        return sine > 0 && sine < 1 ? Optional.of(new SteeredTurn(wheelbaseMetres, Math.asin(sine))) : Optional.empty();
    }

    /** What is wrong with this circle on this machine, if anything. */
    public Optional<Finding> check(Machine machine) {
        double p = machine.value(MachineDimension.WHEELBASE);
        double tyre = machine.value(MachineDimension.FRONT_TYRE_WIDTH);
        Optional<SteeredTurn> turn = turn(p, tyre);
        if (turn.isEmpty()) {
            return Optional.of(new Finding(
                    "circle-too-small",
                    where(),
                    Sentence.of(
                            "A circle of %s cannot be: with this wheelbase the front tyre's track is at least %s"
                                    + " across. Measure the outer edge of the front tyre's track, edge to edge.",
                            Sentence.metres(diameter.metres()), Sentence.metres(2 * p + tyre))));
        }
        return posture == Posture.UPRIGHT && !plausible(machine, turn.get())
                ? Optional.of(new Finding(
                        "circle-unlikely",
                        where(),
                        Sentence.of(
                                "A circle of %s means a lock outside 10° to 75°. Check the tape and the wheelbase.",
                                Sentence.metres(diameter.metres()))))
                : Optional.empty();
    }

    /** Its field. */
    String where() {
        return "circle-" + posture + "-" + side;
    }

    private static boolean plausible(Machine machine, SteeredTurn turn) {
        double lock = effectiveLockRadians(turn, machine.value(MachineDimension.CASTER_ANGLE));
        return lock >= Math.toRadians(10) && lock <= Math.toRadians(75);
    }

    /**
     * Lock that gives an upright turn: tan δ = tan Δ / cos ε, from {@link SteeredTurn} with φ = 0.
     *
     * @return δ in radians
     */
    static double effectiveLockRadians(SteeredTurn upright, double casterRadians) {
        return Math.atan(Math.tan(upright.groundSteerRadians()) / Math.cos(casterRadians));
    }
}
