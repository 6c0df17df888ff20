package wrenlane.drill;

import wrenlane.machine.Machine;
import wrenlane.machine.MachineDimension;
import wrenlane.rider.RidingMethod;

/**
 * How warm a school makes a clutch, against the same machine ridden slowly on the clutch alone: an estimate, for comparing,
 * not for promising minutes.
 *
 * <p>Power slipped away P = F · v · (ωe/ωc − 1), with F (N) what the drive has to overcome, v (m/s) the speed, ωe engine
 * speed, ωc that of the clutch's driven side, both referred to the crank: ωc = v · i / C in turns a second, with i the
 * overall ratio and C (m) the tyre's circumference. Source: power through a slipping clutch is torque times difference of
 * speeds (any text on machine elements); torque at the driven side is F · v / ωc, so P = F·v/ωc · (ωe − ωc). F = rolling
 * resistance c·m·g plus rear-brake drag. The index is P over P at {@link #REFERENCE_SPEED} without brake. Where the clutch
 * is home (ωe ≤ ωc) nothing slips and the index is 0.
 *
 * @param index 1.0 is a slow ride on the clutch alone at 6 km/h on the level
 */
public record ClutchHeat(double index) {
    /** 6 km/h, in m/s: the slow ride everything is compared with. */
    public static final double REFERENCE_SPEED = 6 / 3.6;

    /** Rolling resistance over weight of a motorcycle tyre at walking pace; an estimate from texts: 0.015 to 0.025. */
    private static final double ROLLING = 0.02;

    private static final double GRAVITY = 9.81;

    /** Engine speed over idle in slow riding; from practice: about twice. */
    private static final double OVER_IDLE = 2;

    /** Rear-brake drag over weight where it is held lightly all through; an estimate, chosen by us: as much again as rolling. */
    private static final double HELD = 0.02;

    /** The same where it is touched a fifth of the time. */
    private static final double TOUCHED = HELD / 5;

    /** Share of rolling resistance that loose ground adds; an estimate: several times that of firm ground. */
    private static final double LOOSE = 3;

    /**
     * The heat of a school on a machine at a speed.
     *
     * @param speedMetresPerSecond above 0, at most 10
     * @throws IllegalArgumentException for a machine whose clutch nobody slips by hand, or a speed out of range
     */
    public static ClutchHeat of(Machine machine, RidingMethod school, double speedMetresPerSecond) {
        if (!machine.transmission().drivesAtIdle()) {
            throw new IllegalArgumentException("the " + machine.transmission().label()
                    + " is not slipped by hand: ask for machines with a hand clutch alone");
        }
        if (!(speedMetresPerSecond > 0 && speedMetresPerSecond <= 10)) {
            throw new IllegalArgumentException(
                    "speedMetresPerSecond is " + speedMetresPerSecond + " m/s; it lies above 0 and up to 10 m/s");
        }
        double reference = power(machine, ROLLING, REFERENCE_SPEED);
        return new ClutchHeat(reference == 0 ? 0 : power(machine, drag(school), speedMetresPerSecond) / reference);
    }

    /** What the drive overcomes over the machine's weight. */
    private static double drag(RidingMethod school) {
        return switch (school) {
            case DRAG, DRIVE_AND_BRAKE -> ROLLING + HELD;
            case CLUTCH_FIRST -> ROLLING;
            case CLUTCH_AND_TOUCH -> ROLLING + TOUCHED;
            case LOOSE_GROUND -> ROLLING * LOOSE;
        };
    }

    private static double power(Machine machine, double dragOverWeight, double speed) {
        double force = dragOverWeight * machine.value(MachineDimension.MASS) * GRAVITY;
        double engine = OVER_IDLE * machine.value(MachineDimension.IDLE);
        double driven = speed
                * machine.value(MachineDimension.FIRST_GEAR_OVERALL_RATIO)
                / machine.value(MachineDimension.TYRE_CIRCUMFERENCE);
        return Math.max(0, force * speed * (engine / driven - 1));
    }
}
