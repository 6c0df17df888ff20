package wrenlane.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import wrenlane.course.Course;
import wrenlane.course.CourseDimension;
import wrenlane.course.CourseKind;
import wrenlane.course.CourseSettings;
import wrenlane.machine.Machine;
import wrenlane.machine.MachineDimension;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Machines;
import wrenlane.machine.Side;
import wrenlane.rideline.LineProfile;
import wrenlane.rideline.solve.Tasks;
import wrenlane.rider.RiderLevel;
import wrenlane.riding.Ride;
import wrenlane.units.LengthMethod;
import wrenlane.units.MeasuredLength;

class CourseFitTest {
    /** Lines that should be alike are found alike to so much room, in metres: the search rests at half a millimetre. */
    private static final double SAME_CLEARANCE_METRES = 0.01;

    private static double spare(Course course, Ride ride) {
        return CourseFit.clearanceOnly(course, ride).spare().metres();
    }

    @ParameterizedTest
    @ValueSource(strings = {"u-turn-box", "straight-weave", "circle", "figure-eight-box", "return-gates"})
    void widerNeverLeavesLessClearance(String id) {
        Ride ride = Tasks.ride("tourer-1400", RiderLevel.DEVELOPING);
        CourseKind kind = Tasks.kind(id);
        double before = Double.NEGATIVE_INFINITY;
        for (double share : new double[] {0.75, 0.85, 0.95, 1.05, 1.2}) {
            double clearance = spare(Tasks.course(id, kind.ladder().standard() * share), ride);
            assertThat(clearance).isGreaterThan(before - SAME_CLEARANCE_METRES);
            before = clearance;
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"u-turn-box", "straight-weave", "figure-eight-box", "crossroads"})
    void aShorterWheelbaseIsNeverWorse(String id) {
        Machine machine = Machines.of("cruiser-1100");
        double before = Double.NEGATIVE_INFINITY;
        for (double wheelbase : new double[] {1.75, 1.64, 1.5, 1.35}) {
            MachineTurn turn = MachineTurn.computed(machine.with(MachineDimension.WHEELBASE, wheelbase));
            // So narrow that the best speed is sharp: of speeds within 5 cm the slowest is taken.
            double setting = 0.8 * Tasks.kind(id).ladder().standard();
            double clearance = spare(Tasks.course(id, setting), Ride.firm(turn, RiderLevel.DEVELOPING.limits()));
            assertThat(clearance).isGreaterThan(before - SAME_CLEARANCE_METRES);
            before = clearance;
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"u-turn-box", "straight-weave", "offset-weave", "full-lock-start"})
    void aMirroredCourseIsAsEasyForAMirroredMachine(String id) {
        Machine machine = Machines.of("twin-300").with(MachineDimension.LOCK_RIGHT, Math.toRadians(31));
        Course course = Tasks.course(id, Tasks.kind(id).ladder().standard() * 0.8);
        double here = spare(course, Ride.firm(MachineTurn.computed(machine), RiderLevel.NOVICE.limits()));
        double there = spare(
                course.mirrored(),
                Ride.firm(MachineTurn.computed(Machines.mirrored(machine)), RiderLevel.NOVICE.limits()));
        assertThat(there).isCloseTo(here, within(SAME_CLEARANCE_METRES));
    }

    @Test
    void theEasiestLineTakesLessOfTheTurnThanTheRoomiest() {
        CourseFit fit = CourseFit.of(Tasks.course("u-turn-box"), Tasks.ride("tourer-850", RiderLevel.DEVELOPING))
                .fit();
        assertThat(fit.steeringShare().orElseThrow()).isLessThan(fit.roomiest().steeringShare());
        assertThat(fit.easiest().orElseThrow().binding().clearanceMetres()).isBetween(0.0, 0.01);
    }

    /** Steady balance at the line's tightest place, tan φ = v² κ / g with κ its share of the limit; straight on it is none. */
    @Test
    void saysTheLeanOfTheLineAndNotTheMostThereIs() {
        Ride ride = Tasks.ride("twin-300", RiderLevel.DEVELOPING);
        CourseFit turn = CourseFit.of(Tasks.course("u-turn-box"), ride).fit();
        double v = turn.left().speedMetresPerSecond();
        double curvature = turn.drawn().steeringShare() * turn.left().curvatureLimit();
        assertThat(Math.tan(turn.leanRadians())).isCloseTo(v * v * curvature / 9.80665, within(1e-3));
        assertThat(turn.leanRadians()).isLessThan(turn.left().leanRadians());
        assertThat(turn.leanRadians(turn.roomiest())).isGreaterThanOrEqualTo(turn.leanRadians());
        CourseFit lane = CourseFit.of(Tasks.course("lane"), ride).fit();
        assertThat(lane.leanRadians()).isLessThan(Math.toRadians(0.5));
    }

    @Test
    void aCourseTooTightSaysWhatBindsByHowMuchAndHowMuchTurnItWouldTake() {
        Ride ride = Tasks.ride("tourer-1400", RiderLevel.NOVICE);
        CourseFit fit = CourseFit.of(
                        Tasks.course("u-turn-box", 4.6), ride, ride.limits().lowestSpeedMetresPerSecond())
                .fit();
        assertThat(fit.answer()).isEqualTo(FitAnswer.DOES_NOT_FIT);
        assertThat(fit.spare().metres()).isBetween(-0.9, -0.4);
        assertThat(fit.roomiest().binding().keep().name()).endsWith("line");
        assertThat(fit.steeringShare().orElseThrow()).isGreaterThan(1.2);
        assertThat(fit.easiest()).isEmpty();
    }

    @Test
    void tooCloseToCallIsWhereTheClearanceIsSmallerThanItsUncertainty() {
        CourseFit fit = CourseFit.of(Tasks.course("u-turn-box", 5.2), Tasks.ride("twin-300", RiderLevel.DEVELOPING))
                .fit();
        assertThat(fit.withUncertainty(1).answer()).isEqualTo(FitAnswer.TOO_CLOSE_TO_CALL);
        assertThat(fit.withUncertainty(0.01).answer()).isEqualTo(FitAnswer.FITS);
    }

    /** Where a course only begins or ends does not decide how much room it leaves. */
    @ParameterizedTest
    @CsvSource({"crossroads, 6, 7", "straight-weave, 3.5, 5", "crossroads, 5.6, 6.4"})
    void endsDecideNoHeadline(String kind, double narrow, double wide) {
        Ride ride = Tasks.ride("tourer-1400", RiderLevel.SKILLED);
        CourseFit tight = CourseFit.clearanceOnly(Tasks.course(kind, narrow), ride);
        CourseFit roomy = CourseFit.clearanceOnly(Tasks.course(kind, wide), ride);
        assertThat(roomy.spare().metres()).isGreaterThan(tight.spare().metres() + 0.05);
        assertThat(roomy.roomiest().tightestEnd()).isPresent();
        assertThat(roomy.roomiest().binding().keep().atAnEnd()).isFalse();
        assertThat(roomy.roomiest().tightestEnd().orElseThrow().clearanceMetres())
                .isPositive();
    }

    /** A box out by u in width is out by u/2 in the room at either line; the machine's lock adds to that. */
    @Test
    void isAsUncertainAsItsWidthAndItsMachine() {
        Ride ride = Tasks.ride("tourer-850", RiderLevel.DEVELOPING);
        Course course = Tasks.course("u-turn-box", 6.5);
        CourseFit.ResumableFit known = CourseFit.of(course, ride);
        double machineAlone = SpareUncertainty.of(out(course, 0), ride, known);
        double both = SpareUncertainty.of(out(course, 0.3), ride, known);
        assertThat(Math.sqrt(both * both - machineAlone * machineAlone)).isCloseTo(0.15, within(0.02));
        assertThat(machineAlone).isBetween(0.1, 0.6);
    }

    /** The course with its width out by so much, and all else exact; metres. */
    private static Course out(Course course, double width) {
        CourseSettings settings = course.settings();
        for (CourseDimension d : course.kind().dimensions()) {
            double u = d.ladder() ? width : 0;
            settings = settings.with(d, new MeasuredLength(settings.of(d), u, LengthMethod.PACES));
        }
        return new Course(course.kind(), settings, course.firstTurn());
    }

    @Test
    void saysWhereEachTurnIsRolledIntoHeldAndRolledOutOf() {
        Ride ride = Tasks.ride("twin-300", RiderLevel.DEVELOPING);
        CourseFit fit = CourseFit.of(Tasks.course("u-turn-box"), ride).fit();
        LineProfile profile = fit.profile(fit.drawn(), ride.turn());
        List<LineProfile.RidingAction> doing =
                profile.phases().stream().map(LineProfile.Phase::doing).toList();
        assertThat(doing)
                .containsExactly(
                        LineProfile.RidingAction.ROLLS_IN,
                        LineProfile.RidingAction.HOLDS,
                        LineProfile.RidingAction.ROLLS_OUT);
        assertThat(profile.phases()).allSatisfy(p -> assertThat(p.side()).isEqualTo(Side.LEFT));
        double lock = ride.turn().machine().value(MachineDimension.LOCK_LEFT);
        assertThat(profile.places()).allSatisfy(p -> assertThat(p.barsRadians()).isBetween(-0.01, lock + 0.01));
    }

    @Test
    void aDraggedLineIsTheColdOne() {
        Ride ride = Tasks.ride("roadster-900", RiderLevel.SKILLED);
        CourseFit.ResumableFit last = CourseFit.of(Tasks.course("straight-weave", 4.5), ride);
        for (double s = 4.4; s > 2.4; s -= 0.1) {
            Course course = Tasks.course("straight-weave", s);
            last = CourseFit.dragged(
                    course, ride, last.memory().speedMetresPerSecond(), LineChoice.COMFORTABLE, last.memory());
            assertThat(last.fit().answer())
                    .isEqualTo(CourseFit.of(course, ride).fit().answer());
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = LineChoice.class,
            names = {"COMFORTABLE", "ROOMIEST"})
    void aDraggedLineHasTheClearanceThereIsWithinTwoCentimetres(LineChoice drawn) {
        Ride ride = Tasks.ride("twin-300", RiderLevel.DEVELOPING);
        CourseFit.ResumableFit last = CourseFit.of(Tasks.course("figure-eight", 5), ride);
        double speed = last.memory().speedMetresPerSecond();
        for (double diameter = 5.3; diameter < 8.75; diameter += 0.5) {
            Course course = Tasks.course("figure-eight", diameter);
            last = CourseFit.dragged(course, ride, speed, drawn, last.memory());
            CourseFit cold = CourseFit.of(course, ride, speed).fit();
            assertThat(last.fit().answer()).isEqualTo(cold.answer());
            assertThat(last.fit().spare().metres()).isCloseTo(cold.spare().metres(), within(0.02));
        }
    }

    /** Looked at to a centimetre or two, less than that is neither room nor lack of it. */
    @ParameterizedTest
    @ValueSource(doubles = {8.68, 8.7, 8.71})
    void aDraggedCourseWithAHairOfClearanceOrLessIsTooCloseToCall(double diameter) {
        Ride ride = Tasks.ride("twin-300", RiderLevel.DEVELOPING);
        CourseFit.ResumableFit last = CourseFit.of(Tasks.course("figure-eight", 8.3), ride);
        double speed = last.memory().speedMetresPerSecond();
        Course course = Tasks.course("figure-eight", diameter);
        CourseFit cold = CourseFit.of(course, ride, speed).fit();
        assertThat(cold.spare().metres()).isBetween(-0.03, 0.03);
        CourseFit dragged = CourseFit.dragged(course, ride, speed, LineChoice.COMFORTABLE, last.memory())
                .fit();
        assertThat(dragged.answer()).isEqualTo(FitAnswer.TOO_CLOSE_TO_CALL);
        assertThat(dragged.spare().metres()).isCloseTo(cold.spare().metres(), within(0.02));
        assertThat(dragged.steeringShare().isPresent())
                .isEqualTo(cold.steeringShare().isPresent());
    }

    /** Two rings of 6 m whose cones leave the middle open need no gap: they are ridden like rings apart. */
    @Test
    void ringsRiddenWithinMayTouch() {
        Course apart = Tasks.with(Tasks.course("figure-eight", 6), "ridden", "WITHIN");
        CourseDimension centres = apart.kind().dimensions().stream()
                .filter(d -> d.name().equals("centresMetres"))
                .findFirst()
                .orElseThrow();
        Course touching = apart.with(centres, 6);
        assertThat(touching.settings().check(touching.kind())).isEmpty();
        Ride ride = Tasks.ride("twin-300", RiderLevel.DEVELOPING);
        CourseFit fit = CourseFit.of(touching, ride).fit();
        assertThat(fit.answer()).isEqualTo(FitAnswer.FITS);
        assertThat(fit.spare().metres())
                .isCloseTo(CourseFit.of(apart, ride).fit().spare().metres(), within(0.03));
        assertThat(Difficulty.exactly(touching, ride.turn()).orElseThrow())
                .isCloseTo(Difficulty.exactly(apart, ride.turn()).orElseThrow(), within(0.02));
    }
}
