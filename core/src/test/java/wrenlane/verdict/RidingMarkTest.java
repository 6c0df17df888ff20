package wrenlane.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.machine.MachineDimension;
import wrenlane.plane.Point;
import wrenlane.rideline.solve.Tasks;
import wrenlane.rider.RiderLevel;
import wrenlane.riding.Ride;
import wrenlane.riding.RunOut;
import wrenlane.verdict.RidingMark.Use;

class RidingMarkTest {
    private static final Ride RIDE = Tasks.ride("tourer-850", RiderLevel.DEVELOPING);

    private static CourseFit fit(Course course) {
        return CourseFit.of(course, RIDE).fit();
    }

    private static List<RidingMark> marks(Course course) {
        return marks(course, fit(course));
    }

    private static List<RidingMark> marks(Course course, CourseFit fit) {
        return RidingMark.of(course, fit, fit.drawn());
    }

    private static RidingMark only(List<RidingMark> marks, Use use) {
        List<RidingMark> of = marks.stream().filter(m -> m.use() == use).toList();
        assertThat(of).hasSize(1);
        return of.get(0);
    }

    /** v²/(2·2.5): 4 m up to 16.1 km/h; 5 m at 5 m/s. */
    @ParameterizedTest
    @CsvSource({"0, 4", "2, 4", "4.4, 4", "5, 5", "10, 20"})
    void aRunOutIsFourMetresOrTheBrakingDistance(double speed, double metres) {
        assertThat(RunOut.metres(speed)).isCloseTo(metres, within(1e-12));
    }

    /** The way to a box is straight along its entry line: the marks lie 1.5 s apart on it. */
    @Test
    void aBoxHasOneOfEachInOrder() {
        Course course = Tasks.course("u-turn-box", 7);
        CourseFit fit = fit(course);
        List<RidingMark> marks = marks(course, fit);
        assertThat(marks).extracting(RidingMark::label).containsExactly("H", "T", "I");
        Point head = only(marks, Use.HEAD_ROUND).at();
        Point turn = only(marks, Use.TURN_IN).at();
        double ahead = RidingMark.AHEAD_SECONDS * fit.left().speedMetresPerSecond();
        assertThat(turn.x() - head.x()).isCloseTo(ahead, within(0.05));
        assertThat(turn.y()).isCloseTo(head.y(), within(0.1));
        assertThat(marks.get(0).what()).contains("look to the instructor at I");
    }

    /**
     * Ridden straight on from any point of the line, the widest point of no machine of the day comes nearer than 2 m to any
     * instructor, on every kind that turns, small and wide, to both sides, whoever's marks they are.
     */
    @ParameterizedTest
    @MethodSource("wrenlane.course.kind.CourseKinds#all")
    void theInstructorStandsTwoMetresClearOfEveryMachineOfTheDay(CourseKind kind) {
        for (double share : new double[] {0.8, 1, 1.3}) {
            double size = share * kind.ladder().standard();
            if (kind.ladder().check(size).isPresent()) {
                continue;
            }
            Course course = Tasks.course(kind.id(), size);
            for (Course turned : List.of(course, course.mirrored())) {
                List<Point> instructors = new ArrayList<>();
                List<SweptRide> swept = new ArrayList<>();
                for (String machine : new String[] {"scooter-125", "twin-300", "tourer-1400"}) {
                    for (RiderLevel level : new RiderLevel[] {RiderLevel.NOVICE, RiderLevel.SKILLED}) {
                        Ride ride = Tasks.ride(machine, level);
                        CourseFit fit = CourseFit.of(turned, ride).fit();
                        swept.add(new SweptRide(fit, ride));
                        marks(turned, fit).stream()
                                .filter(m -> m.use() == Use.INSTRUCTOR)
                                .forEach(m -> instructors.add(m.at()));
                    }
                }
                instructors.forEach(at -> swept.forEach(s -> s.assertClear(at)));
            }
        }
    }

    /** What somebody rides over, looked at every 0.25 m. */
    private record SweptRide(CourseFit fit, Ride ride) {
        void assertClear(Point person) {
            double half = ride.turn().machine().value(MachineDimension.WIDTH) / 2;
            double speed = fit.task().limits().speedMetresPerSecond();
            fit.drawn().line().points().forEach(p -> {
                for (double d = 0; d <= RunOut.metres(speed); d += 0.25) {
                    Point there = new Point(
                            p.front().x() + d * Math.cos(p.headingRadians()),
                            p.front().y() + d * Math.sin(p.headingRadians()));
                    assertThat(there.distanceTo(person) - half).isGreaterThanOrEqualTo(2 - 1e-9);
                }
            });
        }
    }

    /** A yard that ends at the exit has no place to stand beyond it; where it ends further out the place lies on it. */
    @Test
    void theInstructorStandsOnTheYardOrNowhere() {
        Course course = Tasks.course("u-turn-box", 7);
        CourseFit fit = fit(course);
        List<RidingMark> none = RidingMark.of(course, fit, fit.drawn(), place -> false);
        assertThat(none).extracting(RidingMark::label).containsExactly("H", "T");
        assertThat(none.get(1).what()).contains("no safe place for the instructor");
        Point free = only(marks(course, fit), Use.INSTRUCTOR).at();
        Predicate<Point> elsewhere = place -> place.distanceTo(free) > 1;
        Point other = only(RidingMark.of(course, fit, fit.drawn(), elsewhere), Use.INSTRUCTOR)
                .at();
        assertThat(elsewhere).accepts(other);
    }

    /** Of the kinds taught most there is a place on open ground; for an eight of two rings too, outside of both. */
    @ParameterizedTest
    @CsvSource({
        "u-turn-box",
        "straight-weave",
        "figure-eight-box",
        "figure-eight",
        "weave-and-turn",
        "crossroads",
        "offset-weave"
    })
    void thereIsAPlaceForTheInstructor(String kind) {
        only(marks(Tasks.course(kind)), Use.INSTRUCTOR);
    }

    @Test
    void aRhythmIsChalkedWhereItBegins() {
        List<RidingMark> marks = marks(Tasks.course("straight-weave"));
        assertThat(marks).extracting(RidingMark::label).containsExactly("H", "T", "I");
        assertThat(only(marks, Use.TURN_IN).what()).contains("two turns ahead");
    }

    @Test
    void theyAreMirroredWithTheCourse() {
        Course course = Tasks.course("u-turn-box", 7);
        List<RidingMark> left = marks(course);
        List<RidingMark> right = marks(course.mirrored());
        for (int i = 0; i < left.size(); i++) {
            assertThat(right.get(i).at().distanceTo(left.get(i).at().mirrored()))
                    .as(left.get(i).label())
                    .isLessThan(0.1);
        }
    }

    @Test
    void thereAreNoneWhereNothingIsTurned() {
        assertThat(marks(Tasks.course("lane"))).isEmpty();
    }
}
