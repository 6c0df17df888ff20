package wrenlane.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;

class MachineProperties {
    @Provide
    Arbitrary<Machine> machines() {
        return Arbitraries.of(MachineClass.all())
                .map(MachineClass::typical)
                .flatMap(m -> Arbitraries.integers()
                        .between(25, 50)
                        .map(degrees -> m.with(MachineDimension.LOCK_LEFT, Math.toRadians(degrees))));
    }

    @Property
    void swappingTheLocksSwapsTheSides(@ForAll("machines") Machine machine) {
        MachineTurn turn = MachineTurn.computed(machine);
        MachineTurn mirrored = MachineTurn.computed(Machines.mirrored(machine));
        for (Posture posture : Posture.values()) {
            assertThat(turn.best(Side.LEFT, posture)).isEqualTo(mirrored.best(Side.RIGHT, posture));
        }
        assertThat(turn.uTurnLimitBothSidesMetres()).isEqualTo(mirrored.uTurnLimitBothSidesMetres());
    }

    @Property
    void aLongerWheelbaseNeverTurnsTighter(
            @ForAll("machines") Machine machine, @ForAll @DoubleRange(min = 0, max = 0.3) double longer) {
        Machine stretched =
                machine.with(MachineDimension.WHEELBASE, machine.value(MachineDimension.WHEELBASE) + longer);
        assertThat(MachineTurn.computed(stretched).uTurnLimitMetres(Side.LEFT))
                .isGreaterThanOrEqualTo(MachineTurn.computed(machine).uTurnLimitMetres(Side.LEFT));
    }

    @Property
    void moreLockNeverTurnsWider(
            @ForAll("machines") Machine machine, @ForAll @DoubleRange(min = 0, max = 0.2) double more) {
        Machine freer = machine.with(MachineDimension.LOCK_LEFT, machine.value(MachineDimension.LOCK_LEFT) + more);
        assertThat(MachineTurn.computed(freer).uTurnLimitMetres(Side.LEFT))
                .isLessThanOrEqualTo(MachineTurn.computed(machine).uTurnLimitMetres(Side.LEFT));
    }

    @Property
    void leanNeverWidensATurn(
            @ForAll("machines") Machine machine,
            @ForAll @DoubleRange(min = 0, max = 0.8) double lean,
            @ForAll @DoubleRange(min = 0, max = 0.2) double more) {
        MachineTurn turn = MachineTurn.computed(machine);
        assertThat(turn.fullLock(Side.LEFT, lean + more).rearRadiusMetres())
                .isLessThanOrEqualTo(turn.fullLock(Side.LEFT, lean).rearRadiusMetres() + 1e-12);
    }

    @Property
    void radiiRoundTripThroughTheirCircle(@ForAll("machines") Machine machine) {
        MachineTurn turn = MachineTurn.computed(machine);
        SteeredTurn left = turn.best(Side.LEFT, Posture.UPRIGHT);
        MeasuredCircle circle = new MeasuredCircle(
                Side.LEFT,
                Posture.UPRIGHT,
                wrenlane.units.MeasuredLength.taped(left.circleWidthMetres(turn.frontTyreMetres())));
        assertThat(circle.turn(turn.wheelbaseMetres(), turn.frontTyreMetres()))
                .hasValueSatisfying(
                        t -> assertThat(t.rearRadiusMetres()).isCloseTo(left.rearRadiusMetres(), within(1e-9)));
    }
}
