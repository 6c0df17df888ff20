package wrenlane.yard;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.machine.MachineDimension;
import wrenlane.plane.Point;
import wrenlane.rideline.solve.Tasks;
import wrenlane.rider.RiderLevel;
import wrenlane.riding.Ride;
import wrenlane.riding.RunOut;
import wrenlane.units.LengthMethod;
import wrenlane.units.MeasuredLength;
import wrenlane.verdict.CourseFit;

/** Where riders wait and onlookers stand. */
class WaitingSpotTest {
    private static Yard yard(double length, double width) {
        return Yard.rectangle(
                new MeasuredLength(length, 0, LengthMethod.TAPE),
                new MeasuredLength(width, 0, LengthMethod.TAPE),
                Surface.ASPHALT,
                Fall.NONE);
    }

    /** Whichever machine rides, to either side and straight on from anywhere, its widest point stays 2 m away. */
    @ParameterizedTest
    @MethodSource("wrenlane.course.kind.CourseKinds#all")
    void liesTwoMetresClearOfEveryMachineToEitherSide(CourseKind kind) {
        Course course = Course.standard(kind);
        CoursePlacement stand = new CoursePlacement(30, 25, 0.3);
        Yard yard = yard(90, 70);
        PlacedGround standing = CourseGround.of("Course", course).at(stand);
        Point middle = new GroundPlan(yard, List.of(standing)).waiting().orElseThrow();
        double corner = Math.sqrt(2) * GroundPlan.WAITING_METRES / 2;
        for (String machine : new String[] {"scooter-125", "tourer-1400"}) {
            for (RiderLevel level : new RiderLevel[] {RiderLevel.NOVICE, RiderLevel.SKILLED}) {
                Ride ride = Tasks.ride(machine, level);
                double half = ride.turn().machine().value(MachineDimension.WIDTH) / 2;
                CourseFit fit = CourseFit.of(course, ride).fit();
                double runOut = RunOut.metres(fit.task().limits().speedMetresPerSecond());
                fit.drawn().line().points().forEach(p -> {
                    for (double d = 0; d <= runOut; d += 0.5) {
                        Point there = stand.toYard(new Point(
                                p.front().x() + d * Math.cos(p.headingRadians()),
                                p.front().y() + d * Math.sin(p.headingRadians())));
                        assertThat(there.distanceTo(middle) - half - corner).isGreaterThanOrEqualTo(2);
                    }
                });
            }
        }
    }

    @Test
    void saysThatThereIsNoneOnAYardTheCourseFills() {
        PlacedGround standing =
                CourseGround.of("Box", Tasks.course("u-turn-box", 7)).at(new CoursePlacement(9, 7, 0));
        GroundPlan plan = new GroundPlan(yard(24, 20), List.of(standing));
        assertThat(plan.waiting()).isEmpty();
        assertThat(plan.findings(false))
                .filteredOn(f -> f.code().equals("no-waiting-spot"))
                .singleElement()
                .satisfies(f -> assertThat(f.message().toString()).contains("2 m clear"));
    }
}
