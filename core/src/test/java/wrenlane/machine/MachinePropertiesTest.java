package wrenlane.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import wrenlane.Draws;

class MachinePropertiesTest {
    /** A typical machine of any class with another left lock. */
    private static Machine machine(Draws draws) {
        Machine typical = draws.oneOf(MachineClass.all()).typical();
        return typical.with(MachineDimension.LOCK_LEFT, Math.toRadians(draws.whole(25, 50)));
    }

    @Test
    void swappingTheLocksSwapsTheSides() {
        Draws.each(1000, draws -> {
            Machine machine = machine(draws);
            MachineTurn turn = MachineTurn.computed(machine);
            MachineTurn mirrored = MachineTurn.computed(Machines.mirrored(machine));
            for (Posture posture : Posture.values()) {
                assertThat(turn.best(Side.LEFT, posture)).isEqualTo(mirrored.best(Side.RIGHT, posture));
            }
            assertThat(turn.uTurnLimitBothSidesMetres()).isEqualTo(mirrored.uTurnLimitBothSidesMetres());
        });
    }

    @Test
    void aLongerWheelbaseNeverTurnsTighter() {
        Draws.each(1000, draws -> {
            Machine machine = machine(draws);
            double longer = draws.between(0, 0.3);
            Machine stretched =
                    machine.with(MachineDimension.WHEELBASE, machine.value(MachineDimension.WHEELBASE) + longer);
            assertThat(MachineTurn.computed(stretched).uTurnLimitMetres(Side.LEFT))
                    .isGreaterThanOrEqualTo(MachineTurn.computed(machine).uTurnLimitMetres(Side.LEFT));
        });
    }

    @Test
    void moreLockNeverTurnsWider() {
        Draws.each(1000, draws -> {
            Machine machine = machine(draws);
            double more = draws.between(0, 0.2);
            Machine freer = machine.with(MachineDimension.LOCK_LEFT, machine.value(MachineDimension.LOCK_LEFT) + more);
            assertThat(MachineTurn.computed(freer).uTurnLimitMetres(Side.LEFT))
                    .isLessThanOrEqualTo(MachineTurn.computed(machine).uTurnLimitMetres(Side.LEFT));
        });
    }

    @Test
    void leanNeverWidensATurn() {
        Draws.each(1000, draws -> {
            Machine machine = machine(draws);
            double lean = draws.between(0, 0.8);
            double more = draws.between(0, 0.2);
            MachineTurn turn = MachineTurn.computed(machine);
            assertThat(turn.fullLock(Side.LEFT, lean + more).rearRadiusMetres())
                    .isLessThanOrEqualTo(turn.fullLock(Side.LEFT, lean).rearRadiusMetres() + 1e-12);
        });
    }

    @Test
    void radiiRoundTripThroughTheirCircle() {
        Draws.each(1000, draws -> {
            Machine machine = machine(draws);
            MachineTurn turn = MachineTurn.computed(machine);
            SteeredTurn left = turn.best(Side.LEFT, Posture.UPRIGHT);
            MeasuredCircle circle = new MeasuredCircle(
                    Side.LEFT,
                    Posture.UPRIGHT,
                    wrenlane.units.MeasuredLength.taped(left.circleWidthMetres(turn.frontTyreMetres())));
            assertThat(circle.turn(turn.wheelbaseMetres(), turn.frontTyreMetres()))
                    .hasValueSatisfying(
                            t -> assertThat(t.rearRadiusMetres()).isCloseTo(left.rearRadiusMetres(), within(1e-9)));
        });
    }
}
