package wrenlane.machine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import wrenlane.finding.Finding;
import wrenlane.finding.Sentence;
import wrenlane.units.MeasuredLength;

/**
 * How tightly a machine turns, from its figures and, where there are any, its measured circles: measured beats
 * computed.
 *
 * @param machine the figures
 * @param circles full-lock circles measured on the ground, at most one for each side and posture
 */
public record MachineTurn(Machine machine, List<MeasuredCircle> circles) {
    /** Lean always kept back from scraping, in radians: the reserve of a skilled rider, 3°. An estimate. */
    public static final double SCRAPE_RESERVE_RADIANS = Math.toRadians(3);

    /**
     * Lean computed with at full lock where no leaned circle is measured, in radians: 15°. Chosen by us, because steady
     * balance at 8 km/h on a 2 m radius asks for tan θ = v²/(R·g) = 2.22²/(2 · 9.81), 14°: faster than that nobody
     * turns at full lock. An estimate.
     */
    public static final double FULL_LOCK_LEAN_RADIANS = Math.toRadians(15);

    public MachineTurn {
        circles = List.copyOf(circles);
        if (circles.stream().map(c -> c.side() + "/" + c.posture()).distinct().count() < circles.size()) {
            throw new IllegalArgumentException("circles holds two for one side and posture: keep the newer one");
        }
    }

    /** A machine of which no circle was measured. */
    public static MachineTurn computed(Machine machine) {
        return new MachineTurn(machine, List.of());
    }

    /** The measured circle of a side and posture, if there is one that can be true. */
    public Optional<SteeredTurn> measured(Side side, Posture posture) {
        return circles.stream()
                .filter(c -> c.side() == side && c.posture() == posture)
                .findFirst()
                .flatMap(c -> c.turn(wheelbaseMetres(), frontTyreMetres()));
    }

    /** The full-lock turn from the figures alone. */
    public SteeredTurn computed(Side side, Posture posture) {
        double lean = posture == Posture.UPRIGHT ? 0 : estimatedLean(side);
        return SteeredTurn.of(wheelbaseMetres(), machine.value(MachineDimension.lock(side)), casterRadians(), lean);
    }

    /** The full-lock turn to compute with: measured where there is a circle, else computed. */
    public SteeredTurn best(Side side, Posture posture) {
        return measured(side, posture)
                .orElseGet(() -> fullLock(side, posture == Posture.UPRIGHT ? 0 : usableLeanRadians(side)));
    }

    /** The full-lock turn at a lean, with the effective lock. */
    public SteeredTurn fullLock(Side side, double leanRadians) {
        return SteeredTurn.of(wheelbaseMetres(), effectiveLockRadians(side), casterRadians(), leanRadians);
    }

    /** The full-lock turn at a lean to the side that turns wider. */
    public SteeredTurn widerFullLock(double leanRadians) {
        SteeredTurn left = fullLock(Side.LEFT, leanRadians);
        SteeredTurn right = fullLock(Side.RIGHT, leanRadians);
        return left.curvature() <= right.curvature() ? left : right;
    }

    /** Least lean at which something scrapes, of both sides, in radians. */
    public double scrapeLeanRadians() {
        return Math.min(
                machine.value(MachineDimension.scrapeLean(Side.LEFT)),
                machine.value(MachineDimension.scrapeLean(Side.RIGHT)));
    }

    /** Lock to a side, in radians: solved from the upright circle where measured, else the figure. */
    public double effectiveLockRadians(Side side) {
        return measured(side, Posture.UPRIGHT)
                .map(turn -> MeasuredCircle.effectiveLockRadians(turn, casterRadians()))
                .orElseGet(() -> machine.value(MachineDimension.lock(side)));
    }

    /**
     * Questions about the measured circles that leave the figures usable: one that takes more lean than the machine has before
     * something scrapes, and a leaned one that is no smaller than upright.
     */
    public List<Finding> questions() {
        return circles.stream()
                .filter(c -> c.posture() == Posture.LEANED)
                .flatMap(c -> question(c).stream())
                .toList();
    }

    private Optional<Finding> question(MeasuredCircle circle) {
        Side side = circle.side();
        Optional<SteeredTurn> turn = measured(side, Posture.LEANED);
        if (turn.isEmpty()) {
            return Optional.empty();
        }
        Sentence size = Sentence.of(
                "A leaned circle of %s to the %s",
                Sentence.metres(circle.diameter().metres()), side.name().toLowerCase(Locale.ROOT));
        Optional<Double> lean = turn.get().leanRadians(effectiveLockRadians(side), casterRadians());
        if (lean.isEmpty()) {
            return Optional.of(new Finding(
                    "circle-not-leaned",
                    circle.where(),
                    Sentence.of(
                            "%s is not smaller than the upright one. Was it ridden at full lock, and leaned?", size)));
        }
        double scrape = machine.value(MachineDimension.scrapeLean(side));
        return lean.get() > scrape
                ? Optional.of(new Finding(
                        "circle-beyond-scraping",
                        circle.where(),
                        Sentence.of(
                                "%s takes about %.0f° of lean, and this machine scrapes at %.0f°. Is the circle right,"
                                        + " and the lean at which it scrapes?",
                                size, Math.toDegrees(lean.get()), Math.toDegrees(scrape))))
                : Optional.empty();
    }

    /** Lean this machine is used to on a side, in radians: solved from the leaned circle, else 15°, or less where it would scrape. */
    public double usableLeanRadians(Side side) {
        return measured(side, Posture.LEANED)
                .flatMap(turn -> turn.leanRadians(effectiveLockRadians(side), casterRadians()))
                .orElseGet(() -> estimatedLean(side));
    }

    /**
     * The machine's own limit on a U-turn to a side, in metres: full lock at the usable lean, bars turned at once.
     * Rolling the bars in takes more.
     */
    public double uTurnLimitMetres(Side side) {
        return best(side, Posture.LEANED).uTurnWidthMetres(frontTyreMetres());
    }

    /** The wider of the two sides' limits, in metres: the smallest box that can be ridden both ways. */
    public double uTurnLimitBothSidesMetres() {
        return Math.max(uTurnLimitMetres(Side.LEFT), uTurnLimitMetres(Side.RIGHT));
    }

    public double wheelbaseMetres() {
        return machine.value(MachineDimension.WHEELBASE);
    }

    public double frontTyreMetres() {
        return machine.value(MachineDimension.FRONT_TYRE_WIDTH);
    }

    public double casterRadians() {
        return machine.value(MachineDimension.CASTER_ANGLE);
    }

    private double estimatedLean(Side side) {
        return Math.min(
                FULL_LOCK_LEAN_RADIANS, machine.value(MachineDimension.scrapeLean(side)) - SCRAPE_RESERVE_RADIANS);
    }

    /**
     * One standard deviation of a quantity computed from this turn, in the quantity's unit.
     *
     * <p>Every input x with standard deviation u is moved by ±u and the outcomes' half differences are joined as
     * independent: u_f² = Σ ((f(x+u) − f(x−u))/2)². First order in u (the law of propagation of uncertainty), with the
     * difference taken over the width of the error itself. Inputs are kept within their accepted ranges.
     */
    public double uncertaintyOf(ToDoubleFunction<MachineTurn> quantity) {
        return uncertaintiesOf(turn -> new double[] {quantity.applyAsDouble(turn)})[0];
    }

    /** As {@link #uncertaintyOf}, for several quantities that are computed together. */
    public double[] uncertaintiesOf(Function<MachineTurn, double[]> quantities) {
        double[] squares = new double[quantities.apply(this).length];
        for (MachineDimension dimension : TURNING) {
            double u = machine.uncertainty(dimension);
            addSquares(squares, quantities.apply(shifted(dimension, u)), quantities.apply(shifted(dimension, -u)));
        }
        for (MeasuredCircle circle : circles) {
            double u = circle.diameter().uncertaintyMetres();
            addSquares(squares, quantities.apply(shifted(circle, u)), quantities.apply(shifted(circle, -u)));
        }
        return Arrays.stream(squares).map(Math::sqrt).toArray();
    }

    private static void addSquares(double[] squares, double[] high, double[] low) {
        for (int i = 0; i < squares.length; i++) {
            double half = (high[i] - low[i]) / 2;
            squares[i] += half * half;
        }
    }

    /** The figures a turn depends on. */
    private static final List<MachineDimension> TURNING = List.of(
            MachineDimension.WHEELBASE,
            MachineDimension.CASTER_ANGLE,
            MachineDimension.LOCK_LEFT,
            MachineDimension.LOCK_RIGHT,
            MachineDimension.SCRAPE_LEAN_LEFT,
            MachineDimension.SCRAPE_LEAN_RIGHT,
            MachineDimension.FRONT_TYRE_WIDTH);

    private MachineTurn shifted(MachineDimension dimension, double by) {
        double value = Math.min(dimension.max(), Math.max(dimension.min(), machine.value(dimension) + by));
        return new MachineTurn(machine.with(dimension, value), circles);
    }

    private MachineTurn shifted(MeasuredCircle circle, double by) {
        MeasuredLength d = circle.diameter();
        List<MeasuredCircle> changed = new ArrayList<>(circles);
        changed.set(
                circles.indexOf(circle),
                new MeasuredCircle(
                        circle.side(),
                        circle.posture(),
                        new MeasuredLength(d.metres() + by, d.uncertaintyMetres(), d.method())));
        return new MachineTurn(machine, changed);
    }
}
