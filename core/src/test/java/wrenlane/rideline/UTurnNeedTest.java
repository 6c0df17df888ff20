package wrenlane.rideline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wrenlane.course.CourseStart;
import wrenlane.machine.MachineClass;
import wrenlane.machine.MachineDimension;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.rider.RiderLevel;

class UTurnNeedTest {
    private static UTurnNeed need(String machine, CourseStart start, RiderLevel level) {
        MachineTurn turn =
                MachineTurn.computed(MachineClass.find(machine).orElseThrow().typical());
        return UTurnNeed.of(start, turn, Side.LEFT, level.limits());
    }

    /** Brute force: the same turn ridden in explicit Euler steps of 1 mm, curvature by its own rules. */
    @ParameterizedTest
    @EnumSource(RiderLevel.class)
    void meetsATurnRiddenStepByStep(RiderLevel level) {
        UTurnNeed need = need("adventure-650", CourseStart.ROLLING, level);
        double k = need.ridden().curvatureLimit();
        double rate = need.ridden().curvatureRate();
        double peak = Math.min(k, Math.sqrt(Math.PI * rate));
        double step = 0.001;
        double x = 0;
        double y = 0;
        double heading = 0;
        double curvature = 0;
        double across = 0;
        double deep = 0;
        while (heading < Math.PI) {
            boolean unwind = Math.PI - heading <= curvature * curvature / (2 * rate);
            curvature = unwind ? Math.max(1e-4, curvature - rate * step) : Math.min(peak, curvature + rate * step);
            x += step * Math.cos(heading);
            y += step * Math.sin(heading);
            heading += step * curvature;
            across = Math.max(across, Math.max(y, y + need.wheelbaseMetres() * Math.sin(heading)));
            deep = Math.max(deep, x + need.wheelbaseMetres() * Math.cos(heading));
        }
        assertThat(need.widthMetres()).isCloseTo(across + need.frontTyreMetres(), within(0.01));
        assertThat(need.depthMetres()).isCloseTo(deep + need.frontTyreMetres() / 2, within(0.01));
    }

    @Test
    void rollingInCostsWidthAndDepth() {
        UTurnNeed rolling = need("tourer-850", CourseStart.ROLLING, RiderLevel.DEVELOPING);
        UTurnNeed stopped = need("tourer-850", CourseStart.FROM_A_STOP, RiderLevel.DEVELOPING);
        assertThat(rolling.widthMetres()).isGreaterThan(stopped.widthMetres());
        assertThat(rolling.depthMetres()).isGreaterThan(stopped.depthMetres());
        assertThat(rolling.limitMetres()).isEqualTo(stopped.limitMetres());
    }

    @Test
    void aFullLockTurnAsksForTheWholeTurnAndADoubleWidthForLessThanHalf() {
        UTurnNeed need = need("twin-300", CourseStart.FROM_A_STOP, RiderLevel.SKILLED);
        assertThat(need.turnUsed(need.widthMetres())).isCloseTo(1, within(2e-4));
        assertThat(need.turnUsed(2 * need.widthMetres())).isLessThan(0.5);
        assertThat(need.turnUsed(0.8 * need.widthMetres())).isGreaterThan(1.2);
    }

    @Test
    void saysTenWhereTheRampsAloneFillTheBox() {
        assertThat(need("tourer-1400", CourseStart.ROLLING, RiderLevel.NOVICE).turnUsed(3))
                .isEqualTo(10);
    }

    @Test
    void isAsUncertainAsTheLockItComesFrom() {
        UTurnNeed need = need("twin-300", CourseStart.FROM_A_STOP, RiderLevel.SKILLED);
        MachineTurn turn =
                MachineTurn.computed(MachineClass.find("twin-300").orElseThrow().typical());
        double u = MachineDimension.LOCK_LEFT.uncertainty(
                turn.machine().figure(MachineDimension.LOCK_LEFT).provenance());
        double lock = turn.machine().value(MachineDimension.LOCK_LEFT);
        UTurnNeed freer = UTurnNeed.of(
                CourseStart.FROM_A_STOP,
                MachineTurn.computed(turn.machine().with(MachineDimension.LOCK_LEFT, lock - u)),
                Side.LEFT,
                RiderLevel.SKILLED.limits());
        double fromLockAlone = freer.widthMetres() - need.widthMetres();
        assertThat(need.widthUncertaintyMetres()).isBetween(0.8 * fromLockAlone, 1.5 * fromLockAlone);
    }
}
