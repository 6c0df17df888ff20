package wrenlane.server.course.evaluation;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import wrenlane.course.Course;
import wrenlane.course.kind.CourseKinds;
import wrenlane.machine.MachineClass;
import wrenlane.machine.MachineTurn;
import wrenlane.rider.RiderLevel;
import wrenlane.riding.Grip;
import wrenlane.riding.Ride;
import wrenlane.riding.RidingStyle;
import wrenlane.server.fixture.RunningApp;
import wrenlane.verdict.CourseFit;
import wrenlane.verdict.MistakeCost;
import wrenlane.verdict.SpeedScan;
import wrenlane.verdict.SwingOutValue;

/** What was computed for a question is kept for the same question, and for no other. */
class CourseAnswersTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private static final Course BOX = Course.standard(CourseKinds.uTurnBox());

    private static CourseAnswers answers() {
        return APP.bean(CourseAnswers.class);
    }

    private static Ride ride(RiderLevel level) {
        return new Ride(
                MachineTurn.computed(MachineClass.all().get(0).typical()),
                level.limits(),
                RidingStyle.inLine(Grip.DRY_PAVING));
    }

    @Test
    void whatSwingingOutBuysIsKept() {
        Ride ride = ride(RiderLevel.DEVELOPING);
        var asked = answers().swingOut(BOX, ride);
        assertThat(asked).isEqualTo(SwingOutValue.of(BOX, ride)).isPresent();
        assertThat(answers().swingOut(Course.standard(CourseKinds.uTurnBox()), ride(RiderLevel.DEVELOPING)))
                .isSameAs(asked);
    }

    @Test
    void whatMistakesCostIsKeptForItsSpeedAlone() {
        Ride ride = ride(RiderLevel.DEVELOPING);
        var atTwo = answers().mistakes(BOX, ride, 2.0);
        assertThat(answers().mistakes(BOX, ride, 2.0)).isSameAs(atTwo);
        assertThat(answers().mistakes(BOX, ride, 2.5)).isNotEqualTo(atTwo);
        assertThat(answers().mistakes(BOX, ride, null))
                .isEqualTo(MistakeCost.of(BOX, ride, CourseFit.ridden(new SpeedScan(BOX, ride))));
    }

    @Test
    void theSpeedsAreKeptForTheirCourseAndRiderAlone() {
        Ride ride = ride(RiderLevel.DEVELOPING);
        var wide = answers().window(BOX, ride);
        assertThat(answers().window(BOX, ride)).isSameAs(wide).isPresent();
        assertThat(answers().window(BOX, ride(RiderLevel.NOVICE))).isNotEqualTo(wide);
        assertThat(answers().window(BOX.with(BOX.kind().ladder(), 6), ride)).isNotEqualTo(wide);
    }
}
