package wrenlane.riding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
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

    /** By hand: novice at 6 km/h on the 300 twin, steering binds: 0.698132 · cos 24.5° / (1.37 · 1.666667). */
    @Test
    void steeringRateBindsAtWalkingPace() {
        RidingPoint point = RidingPoint.rolling(TWIN, Side.LEFT, RiderLevel.NOVICE.limits(), 6 / 3.6);
        assertThat(point.curvatureRate()).isCloseTo(0.27822, within(1e-4));
    }

    /** By hand at 6 m/s on much grip: φ̇·g/v³ = 0.349066 · 9.80665 / 216 = 0.015848; lean 32°: 9.80665 · tan 32° / 36. */
    @Test
    void rollAndLeanBindFasterOn() {
        RidingPoint point =
                RidingPoint.rolling(TWIN, Side.LEFT, RiderLevel.NOVICE.limits(), RidingStyle.inLine(Grip.firm(2)), 6);
        assertThat(point.curvatureRate()).isCloseTo(0.015848, within(1e-5));
        assertThat(point.curvatureLimit()).isCloseTo(0.170219, within(1e-5));
        assertThat(point.leanRadians()).isCloseTo(Math.toRadians(32), within(1e-6));
    }

    /** By hand at 6 m/s on grass, μ = 0.4: tan θ ≤ half of it, so κ ≤ 9.80665 · 0.2 / 36 = 0.054481. */
    @Test
    void gripCapsTheLeanOnLooseGround() {
        RidingPoint point = RidingPoint.rolling(
                TWIN, Side.LEFT, RiderLevel.NOVICE.limits(), RidingStyle.inLine(Grip.loose(0.4)), 6);
        assertThat(point.curvatureLimit()).isCloseTo(0.054481, within(1e-5));
        assertThat(point.curvatureBy()).isEqualTo(TurnLimit.GRIP);
    }

    /** Firm ground keeps a fifth back: tan θ ≤ 0.32, so κ ≤ 9.80665 · 0.32 / 36 = 0.087170. */
    @Test
    void firmGroundKeepsLessBack() {
        RidingPoint point =
                RidingPoint.rolling(TWIN, Side.LEFT, RiderLevel.NOVICE.limits(), RidingStyle.inLine(Grip.firm(0.4)), 6);
        assertThat(point.curvatureLimit()).isCloseTo(0.08717, within(1e-5));
    }

    /** By hand on the 300 twin: tan 35° · cos 24.5° / (1.37 · cos 30°); 90°/s · cos 24.5° / (1.37 · 2.2222). */
    @Test
    void aPractisedTurnIsFullLockWellLeaned() {
        RidingPoint point = RidingPoint.practised(TWIN, Side.LEFT);
        assertThat(point.curvatureLimit()).isCloseTo(0.53703, within(1e-4));
        assertThat(point.curvatureRate()).isCloseTo(0.46950, within(1e-4));
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
