package wrenlane.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wrenlane.course.Course;
import wrenlane.machine.MachineClass;
import wrenlane.machine.MachineTurn;
import wrenlane.rideline.solve.Tasks;
import wrenlane.rider.RiderLevel;
import wrenlane.riding.Ride;

class RecommendedSpeedTest {
    /** Two centimetres: clearances at a speed are looked at roughly. */
    private static final double ROUGHLY_METRES = 0.02;

    private static final double KMH = 1 / 3.6;

    private static final Map<String, Difficulty> DIFFICULTIES = new ConcurrentHashMap<>();

    private static SpeedWindow window(Course course, String machine, RiderLevel level) {
        return SpeedWindow.of(course, Tasks.ride(machine, level)).orElseThrow();
    }

    private static Course ofDifficulty(String kind, String machine, double difficulty) {
        MachineTurn turn =
                MachineTurn.computed(MachineClass.find(machine).orElseThrow().typical());
        Course course = Tasks.course(kind);
        double size = DIFFICULTIES
                .computeIfAbsent(kind + machine, k -> Difficulty.of(course, turn))
                .settingAt(difficulty)
                .orElseThrow();
        return course.with(course.kind().ladder(), size);
    }

    /** Where practised people ride and teach turns: not at the slowest speed that fits. */
    @ParameterizedTest
    @CsvSource({
        "u-turn-box, scooter-125, 0.4", "u-turn-box, twin-300, 0.45", "u-turn-box, tourer-1400, 0.5",
        "circle, twin-300, 0.4", "figure-eight, tourer-850, 0.45", "straight-weave, tourer-1400, 0.4",
        "straight-weave, cruiser-1100, 0.5"
    })
    void easySizesAreRiddenAtEightToThirteen(String kind, String machine, double difficulty) {
        for (RiderLevel level : new RiderLevel[] {RiderLevel.DEVELOPING, RiderLevel.SKILLED}) {
            RecommendedSpeed speed = window(ofDifficulty(kind, machine, difficulty), machine, level)
                    .recommended();
            assertThat(speed.slowest()).as("%s", level).isGreaterThanOrEqualTo(8 * KMH - 1e-9);
            assertThat(speed.fastest()).as("%s", level).isLessThanOrEqualTo(13 * KMH + 1e-9);
        }
    }

    /** Looked at once more at both ends and in the middle, with every line. */
    @ParameterizedTest
    @CsvSource({"u-turn-box, 5.6, SKILLED", "u-turn-box, 7.3, NOVICE", "figure-eight-box, 6.5, DEVELOPING"})
    void leavesNearlyTheBestClearanceThroughout(String kind, double size, RiderLevel level) {
        Course course = Tasks.course(kind, size);
        Ride ride = Tasks.ride("tourer-1400", level);
        double best = CourseFit.clearance(course, ride).fit().spare().metres();
        SpeedWindow window = SpeedWindow.of(course, ride).orElseThrow();
        RecommendedSpeed speed = window.recommended();
        assertThat(speed.slowest()).isGreaterThanOrEqualTo(window.slowest() - 1e-9);
        assertThat(speed.fastest()).isLessThanOrEqualTo(window.fastest() + 0.5 * KMH);
        for (double v : new double[] {speed.slowest(), speed.middle(), speed.fastest()}) {
            assertThat(CourseFit.clearance(course, ride, v).fit().spare().metres())
                    .as("%.1f km/h", v / KMH)
                    .isGreaterThanOrEqualTo(
                            Math.min(RecommendedSpeed.PLENTY_METRES, best - RecommendedSpeed.GIVEN_METRES)
                                    - ROUGHLY_METRES);
        }
    }

    @ParameterizedTest
    @CsvSource({"lane", "plank-crossing"})
    void slowKindsAreRiddenAtTheSlowEnd(String kind) {
        SpeedWindow window = window(Tasks.course(kind), "twin-300", RiderLevel.DEVELOPING);
        assertThat(window.recommended().slowest()).isEqualTo(window.slowest());
        assertThat(window.recommended().fastest()).isCloseTo(window.slowest() + 1.5 * KMH, within(1e-9));
        Course course = Tasks.course(kind);
        CourseFit fit = CourseFit.of(course, Tasks.ride("twin-300", RiderLevel.DEVELOPING))
                .fit();
        assertThat(fit.recommended()).contains(window.recommended());
        assertThat(fit.leanRadians()).isCloseTo(0, within(0.02));
    }

    /** A tourer in 5.5 m is leaned well: at walking pace it does not go round. The line drawn is of that speed. */
    @Test
    void tightTurnsAreLeaned() {
        CourseFit fit = CourseFit.of(Tasks.course("u-turn-box", 5.5), Tasks.ride("tourer-1400", RiderLevel.SKILLED))
                .fit();
        assertThat(fit.recommended().orElseThrow().middle()).isBetween(10 * KMH, 13 * KMH);
        assertThat(fit.leanRadians()).isBetween(Math.toRadians(20), Math.toRadians(32));
        assertThat(fit.left().speedMetresPerSecond())
                .isCloseTo(fit.recommended().orElseThrow().middle(), within(0.25 * KMH + 1e-9));
    }

    /** Novices on an easy size are judged at the slowest speed that is as good as any, and drawn at one they can lean at. */
    @Test
    void linesAreDrawnAtTheRecommendedSpeed() {
        Course course = Tasks.course("u-turn-box", 8.5);
        Ride ride = Tasks.ride("twin-300", RiderLevel.DEVELOPING);
        CourseFit.ResumableFit computed = CourseFit.of(course, ride);
        assertThat(computed.judged().speedMetresPerSecond()).isLessThan(8 * KMH);
        assertThat(computed.memory().speedMetresPerSecond()).isBetween(9 * KMH, 12 * KMH);
        assertThat(computed.fit().task().limits().speedMetresPerSecond())
                .isEqualTo(computed.memory().speedMetresPerSecond());
        assertThat(computed.fit().spare().metres())
                .isEqualTo(CourseFit.clearance(course, ride).fit().spare().metres());
    }
}
