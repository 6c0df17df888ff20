package wrenlane.riding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import wrenlane.machine.Machine;
import wrenlane.machine.MachineClass;
import wrenlane.machine.MachineDimension;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Machines;
import wrenlane.machine.Side;
import wrenlane.rider.RiderLevel;

class RidingPointTest {
    private static final MachineTurn TWIN = MachineTurn.computed(Machines.twin());

    @ParameterizedTest
    @EnumSource(RiderLevel.class)
    void isInSteadyBalance(RiderLevel level) {
        RidingPoint point = RidingPoint.rolling(
                TWIN, Side.LEFT, level.limits(), level.limits().lowestSpeedMetresPerSecond());
        double v = point.speedMetresPerSecond();
        assertThat(Math.tan(point.leanRadians())).isCloseTo(v * v * point.curvatureLimit() / 9.80665, within(1e-9));
        assertThat(TWIN.fullLock(Side.LEFT, point.leanRadians()).curvature())
                .isCloseTo(point.curvatureLimit(), within(1e-9));
    }

    /**
     * By hand: novice at 6 km/h on the 300 twin balances full lock, κ = 0.48921 /m, at 7.889°; the bars bind:
     * 0.48921 · 0.698132 / (0.610865 · 1.666667).
     */
    @Test
    void steeringRateBindsAtWalkingPace() {
        RidingPoint point = RidingPoint.rolling(TWIN, Side.LEFT, RiderLevel.NOVICE.limits(), 6 / 3.6);
        assertThat(point.curvatureRate()).isCloseTo(0.33546, within(1e-5));
    }

    /** By hand at 6 m/s on much grip: φ̇·g/v³ = 0.349066 · 9.80665 / 216 = 0.015848; lean 12°: 9.80665 · tan 12° / 36. */
    @Test
    void rollAndTheLeanOfANoviceBindFasterOn() {
        RidingPoint point =
                RidingPoint.rolling(TWIN, Side.LEFT, RiderLevel.NOVICE.limits(), RidingStyle.inLine(Grip.firm(2)), 6);
        assertThat(point.curvatureRate()).isCloseTo(0.015848, within(1e-5));
        assertThat(point.curvatureLimit()).isCloseTo(0.057902, within(1e-6));
        assertThat(point.leanRadians()).isCloseTo(Math.toRadians(12), within(1e-6));
    }

    /** By hand at 6 m/s on grass, μ = 0.4: tan θ ≤ half of it, so κ ≤ 9.80665 · 0.2 / 36 = 0.054481. */
    @Test
    void gripCapsTheLeanOnLooseGround() {
        RidingPoint point = RidingPoint.rolling(
                TWIN, Side.LEFT, RiderLevel.SKILLED.limits(), RidingStyle.inLine(Grip.loose(0.4)), 6);
        assertThat(point.curvatureLimit()).isCloseTo(0.054481, within(1e-5));
        assertThat(point.curvatureBy()).isEqualTo(TurnLimit.GRIP);
    }

    /** Firm ground keeps a fifth back: tan θ ≤ 0.32, so κ ≤ 9.80665 · 0.32 / 36 = 0.087170. */
    @Test
    void firmGroundKeepsLessBack() {
        RidingPoint point = RidingPoint.rolling(
                TWIN, Side.LEFT, RiderLevel.SKILLED.limits(), RidingStyle.inLine(Grip.firm(0.4)), 6);
        assertThat(point.curvatureLimit()).isCloseTo(0.08717, within(1e-5));
    }

    /** Worked outside this code for the 300 twin: tan Δ at 35° of lock and 30° of lean over 1.37 m; κ · 90° / (35° · 2.2222). */
    @Test
    void aPractisedTurnIsFullLockWellLeaned() {
        RidingPoint point = RidingPoint.practised(TWIN, Side.LEFT);
        assertThat(point.curvatureLimit()).isCloseTo(0.64519, within(1e-5));
        assertThat(point.curvatureRate()).isCloseTo(0.74658, within(1e-5));
    }

    /** With the body held out, the machine leans β more than balance asks for, and the lock goes further round. */
    @Test
    void bodyOutLeansTheMachineUnderTheRider() {
        double v = 5 / 3.6;
        RidingPoint in = RidingPoint.rolling(
                TWIN, Side.LEFT, RiderLevel.SKILLED.limits(), RidingStyle.inLine(Grip.firm(0.5)), v);
        RidingPoint out = RidingPoint.rolling(
                TWIN, Side.LEFT, RiderLevel.SKILLED.limits(), RidingStyle.bodyOut(Grip.loose(0.5)), v);
        assertThat(out.leanRadians() - in.leanRadians()).isCloseTo(Math.toRadians(8), within(0.01));
        assertThat(out.curvatureLimit()).isGreaterThan(in.curvatureLimit());
    }

    /** Never nearer to scraping than the level's reserve: the cruiser scrapes at 31°, less 3°. */
    @Test
    void aSkilledRiderLeansTheCruiserNoFurtherThanItMay() {
        RidingPoint point = RidingPoint.rolling(
                MachineTurn.computed(Machines.of("cruiser-1100")), Side.LEFT, RiderLevel.SKILLED.limits(), 15 / 3.6);
        assertThat(point.leanRadians()).isCloseTo(Math.toRadians(28), within(1e-9));
        assertThat(point.curvatureBy()).isEqualTo(TurnLimit.LEAN);
    }

    /** Balance and lock agree at the lean found, on the first lean from upright at which they do, whatever the machine. */
    @ParameterizedTest
    @MethodSource("everyMachineAndLevel")
    void balanceAndLockAreSolvedTogetherAtEverySpeed(MachineTurn turn, RiderLevel level, RidingStyle style) {
        for (int step = 2; step <= 50; step++) {
            double v = step / 2.0 / 3.6;
            RidingPoint point = RidingPoint.rolling(turn, Side.LEFT, level.limits(), style, v);
            double theta = point.leanRadians() - style.bodyOutRadians();
            double balanced = RidingPoint.GRAVITY * Math.tan(theta) / (v * v);
            double lock = turn.fullLock(Side.LEFT, point.leanRadians()).curvature();
            assertThat(point.curvatureLimit()).isPositive().isFinite();
            if (point.curvatureBy() == TurnLimit.LOCK) {
                assertThat(balanced).isCloseTo(lock, within(1e-6 * lock));
            } else {
                assertThat(point.curvatureLimit()).isEqualTo(Math.min(lock, balanced));
                assertThat(balanced).isLessThanOrEqualTo(lock * (1 + 1e-9));
            }
            // A finer look finds no lean below at which the bars would have come to the stop before.
            for (double t = 0; t < theta - 1e-6; t += Math.toRadians(0.05)) {
                assertThat(RidingPoint.GRAVITY * Math.tan(t) / (v * v))
                        .isLessThan(turn.fullLock(Side.LEFT, t + style.bodyOutRadians())
                                .curvature());
            }
        }
    }

    private static Stream<Arguments> everyMachineAndLevel() {
        return Stream.concat(
                        MachineClass.all().stream().map(MachineClass::typical),
                        Stream.of(extreme(70, 45), extreme(15, 10)))
                .flatMap(m -> Arrays.stream(RiderLevel.values())
                        .flatMap(level -> Stream.of(RidingStyle.FIRM, RidingStyle.bodyOut(Grip.loose(0.6)))
                                .map(style -> Arguments.of(MachineTurn.computed(m), level, style))));
    }

    private static Machine extreme(double lockDegrees, double casterDegrees) {
        return Machines.twin()
                .with(MachineDimension.LOCK_LEFT, Math.toRadians(lockDegrees))
                .with(MachineDimension.CASTER_ANGLE, Math.toRadians(casterDegrees))
                .with(MachineDimension.SCRAPE_LEAN_LEFT, Math.toRadians(60));
    }

    @Test
    void fromAStopTheBarsAreTurnedFirst() {
        RidingPoint point = RidingPoint.fromAStop(TWIN, Side.LEFT);
        assertThat(point.curvatureRate()).isInfinite();
        assertThat(point.leanRadians()).isZero();
        assertThat(point.rollingSpeed()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -1, 50, Double.NaN})
    void refusesAnAbsurdSpeed(double speed) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> RidingPoint.rolling(TWIN, Side.LEFT, RiderLevel.SKILLED.limits(), speed));
    }
}
