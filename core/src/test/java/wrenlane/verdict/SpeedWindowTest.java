package wrenlane.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import wrenlane.course.Course;
import wrenlane.rideline.solve.Tasks;
import wrenlane.rider.RiderLevel;
import wrenlane.riding.Grip;
import wrenlane.riding.Ride;
import wrenlane.riding.RidingStyle;
import wrenlane.riding.TurnLimit;

class SpeedWindowTest {
    /** The window's edges are found to 2 %; a step beyond that is outside. */
    private static final double BEYOND = 1.05;

    @ParameterizedTest
    @ValueSource(
            strings = {
                "u-turn-box",
                "straight-weave",
                "offset-weave",
                "figure-eight",
                "figure-eight-box",
                "circle-weave",
                "return-gates",
                "weave-and-turn",
                "crossroads"
            })
    void fitsInsideAndNotBeyond(String id) {
        Ride ride = Tasks.ride("tourer-850", RiderLevel.DEVELOPING);
        Course course = Tasks.course(id);
        SpeedWindow window = SpeedWindow.of(course, ride).orElseThrow();
        assertThat(fits(course, ride, window.slowest())).isTrue();
        assertThat(fits(course, ride, window.fastest())).isTrue();
        assertThat(fits(course, ride, BEYOND * window.fastest())).isFalse();
        assertThat(window.judged()).isBetween(window.slowest(), window.fastest());
    }

    /** From the line of a slower speed the search ends beside the way through; from the route it finds it. */
    @Test
    void isNotClosedWhereASearchGoesAstray() {
        Ride ride = Tasks.ride("cruiser-1100", RiderLevel.NOVICE);
        Course course = Tasks.course("offset-weave", 5.35);
        assertThat(SpeedWindow.of(course, ride).orElseThrow().fastest()).isGreaterThan(10 / 3.6);
        assertThat(fits(course, ride, 10 / 3.6)).isTrue();
    }

    private static boolean fits(Course course, Ride ride, double speed) {
        return CourseFit.of(course, ride, speed).fit().answer() == FitAnswer.FITS;
    }

    @ParameterizedTest
    @EnumSource(RiderLevel.class)
    void opensAtTheRidersBalance(RiderLevel level) {
        SpeedWindow window = SpeedWindow.of(Tasks.course("u-turn-box"), Tasks.ride("twin-300", level))
                .orElseThrow();
        assertThat(window.slowest()).isCloseTo(level.limits().lowestSpeedMetresPerSecond(), within(1e-9));
        assertThat(window.slowestBecause()).isEqualTo(TurnLimit.BALANCE);
    }

    /** A straight lane asks for no turn: it stays open as far as is looked. */
    @Test
    void staysOpenOnAStraightLane() {
        SpeedWindow window = SpeedWindow.of(Tasks.course("lane"), Tasks.ride("twin-300", RiderLevel.NOVICE))
                .orElseThrow();
        assertThat(window.fastestBecause()).isEmpty();
        assertThat(window.fastest()).isEqualTo(25 / 3.6);
    }

    /** Little grip closes it sooner, and grip is what closes it. */
    @Test
    void closesByGripOnLooseGround() {
        Ride firm = Tasks.ride("twin-300", RiderLevel.SKILLED);
        Ride grass = new Ride(firm.turn(), firm.limits(), RidingStyle.inLine(Grip.firm(0.4)));
        SpeedWindow onGrass = SpeedWindow.of(Tasks.course("u-turn-box"), grass).orElseThrow();
        SpeedWindow onAsphalt = SpeedWindow.of(Tasks.course("u-turn-box"), firm).orElseThrow();
        assertThat(onGrass.fastest()).isLessThan(0.85 * onAsphalt.fastest());
        assertThat(onGrass.fastestBecause()).contains(TurnLimit.GRIP);
    }

    /** A machine that walks at 8.2 km/h, in a weave a novice at 6 km/h only just gets through: the clutch slips. */
    @Test
    void needsTheFrictionZoneWhereTheWindowLiesBelowIdle() {
        Ride ride = Tasks.ride("tourer-1400", RiderLevel.NOVICE);
        SpeedWindow tight =
                SpeedWindow.of(Tasks.course("u-turn-box", 5.5), ride).orElseThrow();
        assertThat(tight.idleWalking().orElseThrow()).isGreaterThan(8 / 3.6);
        assertThat(tight.needsFrictionZone()).isTrue();
        assertThat(SpeedWindow.of(Tasks.course("u-turn-box", 8), ride)
                        .orElseThrow()
                        .needsFrictionZone())
                .isFalse();
    }

    @Test
    void isEmptyWhereNothingFitsOrNothingRolls() {
        assertThat(SpeedWindow.of(Tasks.course("u-turn-box", 4), Tasks.ride("tourer-1400", RiderLevel.NOVICE)))
                .isEmpty();
        assertThat(SpeedWindow.of(Tasks.course("full-lock-start"), Tasks.ride("twin-300", RiderLevel.NOVICE)))
                .isEmpty();
    }
}
