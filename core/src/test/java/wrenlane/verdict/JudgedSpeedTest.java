package wrenlane.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import wrenlane.course.Course;
import wrenlane.rideline.solve.Tasks;
import wrenlane.rider.RiderLevel;
import wrenlane.riding.Ride;

/** A course is judged at the speed at which it can be ridden best, as practised riders do. */
class JudgedSpeedTest {
    /** Two centimetres: a setting is told to one, and the best speed to half a km/h. */
    private static final double CENTIMETRES = 0.02;

    @ParameterizedTest
    @CsvFileSource(resources = "narrowest-u-turns.csv", numLinesToSkip = 1)
    void theNarrowestUTurnIsThatOfTheClosedForm(
            String machine, RiderLevel level, double width, double speedKmh, String source) {
        Course course = Tasks.course("u-turn-box");
        assertThat(SmallestSize.of(course, course.kind().ladder(), Tasks.ride(machine, level))
                        .orElseThrow()
                        .metres())
                .as("%s, %s at %.1f km/h", source, machine, speedKmh)
                .isCloseTo(width, within(CENTIMETRES));
    }

    /** Practised riders turn these round within this, at 11 to 13 km/h, well leaned; at walking pace they do not. */
    @ParameterizedTest
    @CsvSource({"tourer-1400, 5.5", "tourer-850, 5.2"})
    void whatPractisedRidersDoFitsOrIsTooCloseToCall(String machine, double width) {
        Ride ride = Tasks.ride(machine, RiderLevel.SKILLED);
        Course course = Tasks.course("u-turn-box", width);
        CourseFit fit = CourseFit.clearanceOnly(course, ride);
        assertThat(fit.answer()).isIn(FitAnswer.FITS, FitAnswer.TOO_CLOSE_TO_CALL);
        assertThat(fit.left().speedMetresPerSecond()).isBetween(10 / 3.6, 14 / 3.6);
        assertThat(fit.left().leanRadians()).isBetween(Math.toRadians(22), Math.toRadians(32));
        assertThat(CourseFit.of(course, ride, 5 / 3.6).fit().answer()).isEqualTo(FitAnswer.DOES_NOT_FIT);
    }

    @Test
    void saysWhatTheSlowestSpeedLacks() {
        CourseFit fit = CourseFit.of(Tasks.course("u-turn-box", 5.5), Tasks.ride("tourer-1400", RiderLevel.SKILLED))
                .fit();
        assertThat(fit.slowest().orElseThrow().speedMetresPerSecond()).isCloseTo(4 / 3.6, within(1e-9));
        assertThat(fit.slowest().orElseThrow().metres()).isBetween(-0.3, -0.1);
        assertThat(fit.spare().metres()).isPositive();
    }

    /** Among speeds as good, the slowest: on a wide circle that is the slowest held. */
    @Test
    void isTheSlowestOfThoseAsGood() {
        Ride ride = Tasks.ride("twin-300", RiderLevel.DEVELOPING);
        CourseFit.ResumableFit computed = CourseFit.of(Tasks.course("u-turn-box", 9), ride);
        assertThat(computed.judged().speedMetresPerSecond())
                .isEqualTo(ride.limits().lowestSpeedMetresPerSecond());
        assertThat(computed.fit().slowest()).isEmpty();
    }

    /** The judged speed leaves all but 5 cm of what any other leaves. */
    @ParameterizedTest
    @CsvSource({"u-turn-box, 6", "figure-eight-box, 6.5", "crossroads, 7", "straight-weave, 4"})
    void noOtherSpeedLeavesMuchMore(String kind, double setting) {
        Ride ride = Tasks.ride("tourer-1400", RiderLevel.DEVELOPING);
        Course course = Tasks.course(kind, setting);
        double judged = CourseFit.clearanceOnly(course, ride).spare().metres();
        for (double kmh = 5; kmh < 20; kmh += 1.5) {
            assertThat(CourseFit.of(course, ride, kmh / 3.6).fit().spare().metres())
                    .as("%.1f km/h", kmh)
                    .isLessThan(judged + 0.05 + CENTIMETRES);
        }
    }

    /** Too upright at the slowest speeds, where a line followed from one to the next goes astray; leaned it goes round. */
    @Test
    void looksFurtherWhereOnlyLeaningTurnsIt() {
        CourseFit fit = CourseFit.of(Tasks.course("crossroads", 5.6), Tasks.ride("tourer-850", RiderLevel.DEVELOPING))
                .fit();
        assertThat(fit.answer()).isEqualTo(FitAnswer.FITS);
        assertThat(fit.spare().metres()).isGreaterThan(0.1);
        assertThat(fit.left().speedMetresPerSecond()).isBetween(9 / 3.6, 12 / 3.6);
    }

    @Test
    void theLineDrawnKeepsAComfortableClearanceWhereThereIsSoMuch() {
        Ride ride = Tasks.ride("tourer-850", RiderLevel.DEVELOPING);
        CourseFit wide = CourseFit.of(Tasks.course("u-turn-box", 8), ride).fit();
        assertThat(wide.drawn().binding().clearanceMetres()).isBetween(0.3, 0.31);
        assertThat(wide.drawn().steeringShare()).isLessThan(wide.roomiest().steeringShare());
        CourseFit narrow = CourseFit.of(Tasks.course("u-turn-box", 5.5), ride).fit();
        assertThat(narrow.drawn().binding().clearanceMetres())
                .isCloseTo(narrow.spare().metres(), within(CENTIMETRES));
    }
}
