package wrenlane.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wrenlane.course.Course;
import wrenlane.rideline.solve.Tasks;
import wrenlane.rider.RiderLevel;
import wrenlane.riding.Ride;
import wrenlane.verdict.MistakeCost.Mistake;

class MistakeCostTest {
    private static final Ride TOURER = Tasks.ride("tourer-1400", RiderLevel.DEVELOPING);

    /** What the solver leaves, in metres. */
    private static final double CENTIMETRES = 0.02;

    private static MistakeCost cost(Map<Mistake, MistakeCost> costs, Mistake mistake) {
        return Optional.ofNullable(costs.get(mistake)).orElseThrow();
    }

    private static CourseFit ridden(Course course, Ride ride) {
        return CourseFit.ridden(new SpeedScan(course, ride));
    }

    private static Map<Mistake, MistakeCost> costs(Course course, Ride ride) {
        return MistakeCost.of(course, ride, ridden(course, ride)).stream()
                .collect(Collectors.toMap(MistakeCost::mistake, c -> c));
    }

    /**
     * The roomiest line keeps the same from both lines of a box. Begun d further in, with the same turn, the far line is d
     * nearer: the cost is d, whatever the machine.
     */
    @ParameterizedTest
    @ValueSource(strings = {"tourer-1400", "tourer-850"})
    void enteringOffTheEdgeCostsAsMuchInABox(String machine) {
        Ride ride = Tasks.ride(machine, RiderLevel.DEVELOPING);
        Map<Mistake, MistakeCost> costs = costs(Tasks.course("u-turn-box", 6.6), ride);
        assertThat(cost(costs, Mistake.ENTERED_HALF_A_METRE_OFF).lostMetres().orElseThrow())
                .isCloseTo(0.5, within(CENTIMETRES));
        assertThat(cost(costs, Mistake.ENTERED_A_METRE_OFF).lostMetres().orElseThrow())
                .isCloseTo(1, within(CENTIMETRES));
    }

    /**
     * At a tight size nothing is dearer than a machine held upright, but for turning in late where the end of the box is near:
     * at 12 km/h the body alone balances a turn of 8 m.
     */
    @ParameterizedTest
    @CsvSource({
        "tourer-1400, SKILLED, 5.5",
        "tourer-1400, DEVELOPING, 6.1",
        "twin-300, SKILLED, 4.8",
        "twin-300, DEVELOPING, 5.2",
        "cruiser-1100, DEVELOPING, 6.5"
    })
    void stayingUprightIsTheDearestAtATightSize(String machine, RiderLevel level, double width) {
        Map<Mistake, MistakeCost> costs = costs(Tasks.course("u-turn-box", width), Tasks.ride(machine, level));
        double upright = cost(costs, Mistake.UPRIGHT).lostMetres().orElseThrow();
        assertThat(upright).isGreaterThan(1);
        for (Mistake other : Mistake.values()) {
            if (other != Mistake.UPRIGHT && other != Mistake.TURNED_IN_LATE) {
                assertThat(upright)
                        .as(other.name())
                        .isGreaterThanOrEqualTo(cost(costs, other).lostMetres().orElseThrow() - CENTIMETRES);
            }
        }
    }

    /** Another speed is that of the course fitted at it. */
    @Test
    void anotherSpeedCostsWhatAFitAtItLacks() {
        Course course = Tasks.course("u-turn-box", 7.3);
        CourseFit fit = ridden(course, TOURER);
        double speed = fit.left().speedMetresPerSecond();
        Map<Mistake, MistakeCost> costs = costs(course, TOURER);
        assertThat(cost(costs, Mistake.FASTER).clearanceMetres().orElseThrow())
                .isCloseTo(spare(course, speed + MistakeCost.STRAYED), within(CENTIMETRES));
        assertThat(cost(costs, Mistake.SLOWER).clearanceMetres().orElseThrow())
                .isCloseTo(spare(course, speed - MistakeCost.STRAYED), within(CENTIMETRES));
    }

    private static double spare(Course course, double speed) {
        return CourseFit.of(course, TOURER, speed).fit().spare().metres();
    }

    /**
     * Half a second straight on takes the whole turn v/2 further along. Where the end of the box is near, all of that is
     * lost there; never more.
     */
    @Test
    void turningInLateCostsUpToTheWayRiddenMeanwhile() {
        Course course = Tasks.course("u-turn-box", 7.3);
        double way = MistakeCost.LATE_SECONDS * ridden(course, TOURER).left().speedMetresPerSecond();
        double lost =
                cost(costs(course, TOURER), Mistake.TURNED_IN_LATE).lostMetres().orElseThrow();
        assertThat(lost).isBetween(0.5 * way, way + 0.1);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"u-turn-box", "straight-weave", "figure-eight-box", "circle", "weave-and-turn", "crossroads"})
    void comeWorstFirstAndNoneGainsAnything(String kind) {
        Course course = Tasks.course(kind);
        List<MistakeCost> costs = MistakeCost.of(course, TOURER, ridden(course, TOURER));
        assertThat(costs).isNotEmpty();
        assertThat(costs.stream().map(c -> -c.lostMetres().orElse(-1.0)).toList())
                .isSorted();
        assertThat(costs).allSatisfy(c -> {
            assertThat(c.lostMetres().orElse(0.0)).isNotNegative();
            assertThat(c.lostMetres().isPresent()).isEqualTo(c.clearanceMetres().isPresent());
        });
    }

    /** Mirrored, the course and the mistakes on it are the same for a machine that turns alike. */
    @Test
    void areTheSameToTheOtherSide() {
        Course course = Tasks.course("u-turn-box", 7);
        Map<Mistake, MistakeCost> left = costs(course, TOURER);
        Map<Mistake, MistakeCost> right = costs(course.mirrored(), TOURER);
        assertThat(left.keySet()).isEqualTo(right.keySet());
        left.forEach((mistake, cost) -> assertThat(cost.clearanceMetres().orElse(0.0))
                .as(mistake.name())
                .isCloseTo(cost(right, mistake).clearanceMetres().orElse(0.0), within(CENTIMETRES)));
    }

    @Test
    void thereAreNoneWhereNothingIsTurned() {
        Ride ride = Tasks.ride("twin-300", RiderLevel.NOVICE);
        Course lane = Tasks.course("lane");
        assertThat(MistakeCost.of(lane, ride, CourseFit.of(lane, ride).fit())).isEmpty();
    }
}
