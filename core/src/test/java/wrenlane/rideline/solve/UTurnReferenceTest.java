package wrenlane.rideline.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wrenlane.course.Course;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Machines;
import wrenlane.rideline.LineTask;
import wrenlane.rider.RiderLevel;
import wrenlane.riding.Footprint;
import wrenlane.riding.Ride;
import wrenlane.riding.TurnLimits;
import wrenlane.verdict.CourseFit;
import wrenlane.verdict.SwingOutValue;

/** U-turns and circles, as the solver finds them, against closed forms. */
class UTurnReferenceTest {
    private static final double TYRE = 0.12;

    /** Width left over, with p = 1.36 m, Rr = 1.87 m, σ = 0.15: twice the room, for there is some at either line. */
    private static double needed(String swing, double width, double rate) {
        Course box = Tasks.with(Tasks.course("u-turn-box", width), "swingOut", swing);
        box = box.with(box.kind().dimensions().get(1), 9);
        LineTask task = new LineTask(
                box.plan().route(), new Footprint(1.36, TYRE, 0.8), new TurnLimits(1 / 1.87, 1 / 1.87, rate, 0));
        return width - 2 * new LineSearch(task).roomiest(null).clearance();
    }

    /** The domain's figures: 4.64 m without a swing, 4.60 with one, 4.54 with one before and one after. */
    @ParameterizedTest
    @CsvSource({"NONE, 4.64", "BEFORE, 4.60", "BEFORE_AND_AFTER, 4.54"})
    void meetsTheClothoidWidths(String swing, double width) {
        for (double set : new double[] {4.4, 4.6, 5}) {
            assertThat(needed(swing, set, 0.15)).isCloseTo(width, within(0.01 * width));
        }
    }

    /** With bars turned at once: Rr + Rf + tyre = 1.87 + 2.3122 + 0.12. */
    @Test
    void meetsTheClosedFormWithBarsTurnedAtOnce() {
        assertThat(needed("NONE", 4.6, 20)).isCloseTo(4.302, within(0.01 * 4.302));
    }

    /** The line that rolls in and out, held between, in closed form for each machine and rider. */
    @ParameterizedTest
    @ValueSource(strings = {"twin-300", "tourer-1400", "scooter-125", "adventure-650"})
    void meetsTheClothoidOfEveryMachine(String machine) {
        for (RiderLevel level : RiderLevel.values()) {
            Ride ride = Tasks.ride(machine, level);
            LineTask task = LineTask.of(Tasks.course("u-turn-box", 7), ride);
            UTurnLine line = new UTurnLine(
                    task.footprint().wheelbaseMetres(),
                    task.limits().left(),
                    task.limits().rate());
            double closed = line.reach().acrossMetres() + task.footprint().tyreMetres();
            Course course = Tasks.course("u-turn-box", closed + 0.4);
            double spare = CourseFit.of(course, ride, ride.limits().lowestSpeedMetresPerSecond())
                    .fit()
                    .spare()
                    .metres();
            assertThat(closed + 0.4 - 2 * spare).isCloseTo(closed, within(0.01 * closed));
        }
    }

    @Test
    void swingingOutNeverCostsWidth() {
        SwingOutValue value = SwingOutValue.of(Tasks.course("u-turn-box"), Tasks.ride("tourer-850", RiderLevel.NOVICE))
                .orElseThrow();
        assertThat(value.beforeMetres()).isLessThanOrEqualTo(value.noneMetres());
        assertThat(value.bothMetres()).isLessThanOrEqualTo(value.beforeMetres());
        assertThat(SwingOutValue.of(Tasks.course("lane"), Tasks.ride("tourer-850", RiderLevel.NOVICE)))
                .isEmpty();
    }

    /** Between walls: 2 Rf + tyre at full lock. */
    @ParameterizedTest
    @ValueSource(strings = {"twin-300", "cruiser-1100"})
    void theTurningCircleTestNeedsTheCircleBetweenWalls(String machine) {
        MachineTurn turn = MachineTurn.computed(Machines.of(machine));
        double circle = turn.fullLock(wrenlane.machine.Side.LEFT, 0).circleWidthMetres(turn.frontTyreMetres());
        double spare = CourseFit.of(
                        Tasks.course("turning-circle-test", circle + 0.5), Tasks.ride(machine, RiderLevel.SKILLED))
                .fit()
                .spare()
                .metres();
        assertThat(spare).isCloseTo(0.25, within(0.01));
    }

    /** Within a ring of D the front wheel goes round on its own circle: D/2 less that radius and half a tyre is spare. */
    @ParameterizedTest
    @ValueSource(strings = {"twin-300", "tourer-1400"})
    void ridingWithinARingLeavesItsRadiusLessTheFrontWheels(String machine) {
        Ride ride = Tasks.ride(machine, RiderLevel.SKILLED);
        Course ring = Tasks.with(Tasks.course("circle", 6), "ridden", "WITHIN");
        double speed = 11 / 3.6;
        LineTask task = LineTask.of(ring, ride, speed);
        double front = Math.hypot(1 / task.limits().left(), task.footprint().wheelbaseMetres());
        double closed = 6.0 / 2 - front - task.footprint().tyreMetres() / 2;
        assertThat(new LineSearch(task).roomiest(null).clearance()).isCloseTo(closed, within(0.01));
    }

    /** A lane just wide enough for one circle leaves no choice: once round its own circle. */
    @Test
    void aNarrowRingIsRiddenInItsOwnCircle() {
        Course circle =
                Tasks.course("circle", 7).with(Tasks.kind("circle").dimensions().get(1), 0.8);
        Ride ride = Tasks.ride("twin-300", RiderLevel.SKILLED);
        CourseFit fit = CourseFit.of(circle, ride).fit();
        double tyre = ride.turn().frontTyreMetres();
        // Rear at radius r, front at √(r² + p²): equal room to the cones' bases inside and the lane's edge outside.
        double inner = 3.5 + 0.1 + tyre / 2;
        double outer = 3.5 + 0.8 - tyre / 2;
        double r = inner + fit.spare().metres();
        assertThat(Math.hypot(r, 1.37)).isCloseTo(outer - fit.spare().metres(), within(0.03));
        assertThat(fit.roomiest().line().lengthMetres()).isCloseTo(2 * Math.PI * r, within(0.03 * 2 * Math.PI * r));
    }
}
