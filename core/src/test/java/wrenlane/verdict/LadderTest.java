package wrenlane.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.course.CourseKind.Turning;
import wrenlane.machine.Machine;
import wrenlane.machine.MachineDimension;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Machines;
import wrenlane.rideline.solve.Tasks;
import wrenlane.units.LengthMethod;
import wrenlane.units.LengthSystem;
import wrenlane.units.MeasuredLength;

class LadderTest {
    private static final MachineTurn HEAVY = MachineTurn.computed(Machines.of("tourer-1400"));

    /** Half a percent from straight lines between settings, as much from where searches rest, as a share. */
    private static final double SAME_TIGHTNESS = 0.01;

    /** The same where a line turns far, or threads cones two ways, and searches from other guesses end apart. */
    private static final double ALIKE = 0.03;

    private static final Set<String> TURNS_FAR =
            Set.of("figure-eight", "figure-eight-box", "crossroads", "straight-weave", "circle-weave", "return-gates");

    /** What several tests ask for takes a dozen searches to find. */
    private static final Map<Course, Tightness> ON_THE_HEAVY = new ConcurrentHashMap<>();

    private static List<Ladder.Rung> rungs(Course course, MachineTurn turn, LengthSystem system) {
        Tightness tightness = turn == HEAVY
                ? ON_THE_HEAVY.computeIfAbsent(course, c -> Tightness.ofBothSides(c, HEAVY))
                : Tightness.ofBothSides(course, turn);
        return Ladder.of(course, turn, tightness, system).rungs();
    }

    @ParameterizedTest
    @MethodSource("wrenlane.course.kind.CourseKinds#all")
    void everyKindHasRungsFromWideToTight(CourseKind kind) {
        List<Ladder.Rung> rungs = rungs(Course.standard(kind), HEAVY, LengthSystem.METRIC);
        assertThat(rungs).hasSizeGreaterThanOrEqualTo(4);
        for (int i = 1; i < rungs.size(); i++) {
            assertThat(rungs.get(i).settingMetres()).isLessThan(rungs.get(i - 1).settingMetres());
        }
        assertThat(rungs).allSatisfy(r -> {
            double steps = r.settingMetres() / (r.settingMetres() < 2.5 ? 0.05 : 0.1);
            assertThat(steps).isCloseTo(Math.rint(steps), within(1e-9));
            assertThat(kind.ladder().check(r.settingMetres())).isEmpty();
            assertThat(r.tightness().isEmpty()).isEqualTo(kind.turning() == Turning.STRAIGHT);
        });
    }

    /** But the offset weave's: closer than about 4.5 m there are two ways between its cones. */
    @ParameterizedTest
    @MethodSource("wrenlane.course.kind.CourseKinds#all")
    void everyRungSolvedAgainHasItsTightness(CourseKind kind) {
        double share = TURNS_FAR.contains(kind.id()) ? ALIKE : SAME_TIGHTNESS;
        for (Ladder.Rung rung : rungs(Course.standard(kind), HEAVY, LengthSystem.METRIC)) {
            Course course = Course.standard(kind).with(kind.ladder(), rung.settingMetres());
            boolean twoWays = kind.id().equals("offset-weave") && rung.settingMetres() < 4.5;
            if (rung.tightness().isPresent() && !twoWays) {
                double said = rung.tightness().get();
                assertThat(Tightness.exactly(course, HEAVY).orElseThrow())
                        .as("%s at %.2f m", kind.id(), rung.settingMetres())
                        .isCloseTo(said, within(share * said));
            }
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"u-turn-box", "circle"})
    void isInWholeFeetAndHalfFeetWhereFeetAreRead(String kind) {
        assertThat(rungs(Tasks.course(kind), HEAVY, LengthSystem.IMPERIAL)).allSatisfy(r -> {
            double feet = r.settingMetres() / 0.3048;
            double step = feet < 10 ? 0.5 : 1;
            assertThat(feet / step).isCloseTo(Math.rint(feet / step), within(1e-3));
        });
    }

    /** Widths people lay out for a heavy tourer: 18, 19 or 20, 22, 24, 27, 30 ft. */
    @Test
    void inFeetAHeavyTourersUTurnsAreThoseOfPractice() {
        assertThat(rungs(Tasks.course("u-turn-box"), HEAVY, LengthSystem.IMPERIAL))
                .extracting(r -> Math.round(r.settingMetres() / 0.3048))
                .containsExactly(30L, 27L, 24L, 22L, 20L, 19L, 18L);
    }

    /** Painted bays of 2.7 m, of which a U-turn was set to three; half of one is 1.35 m. */
    @Test
    void isInHalfBaysOnACourseSetInBays() {
        MeasuredLength threeBays = new MeasuredLength(8.1, 0.162, LengthMethod.BAYS, 3);
        Course box = Tasks.course("u-turn-box");
        Course byBays = new Course(box.kind(), box.settings().with(box.kind().ladder(), threeBays), box.firstTurn());
        List<Ladder.Rung> rungs = rungs(byBays, HEAVY, LengthSystem.IMPERIAL);
        assertThat(rungs).extracting(r -> r.inBays().orElseThrow().counted()).containsExactly(3.5, 3.0, 2.5, 2.0);
        assertThat(rungs).allSatisfy(r -> {
            MeasuredLength inBays = r.inBays().orElseThrow();
            assertThat(inBays.metres()).isCloseTo(r.settingMetres(), within(1e-4));
            assertThat(inBays.relativeUncertainty()).isCloseTo(0.02, within(1e-9));
            assertThat(r.tightness().orElseThrow()).isGreaterThanOrEqualTo(1);
        });
    }

    /** Bays of 2.5 m: two of them, 5 m, lie nearest to the tightest rung's 5.6 m, and no tourer turns there. */
    @Test
    void noRungIsRoundedPastWhatTheMachineTurns() {
        Course box = Tasks.course("u-turn-box");
        MeasuredLength twoBays = new MeasuredLength(5, 0.1, LengthMethod.BAYS, 2);
        Course byBays = new Course(box.kind(), box.settings().with(box.kind().ladder(), twoBays), box.firstTurn());
        assertThat(rungs(byBays, HEAVY, LengthSystem.METRIC))
                .isNotEmpty()
                .allSatisfy(r -> assertThat(r.tightness().orElseThrow()).isGreaterThanOrEqualTo(1));
    }

    @Test
    void theHarderSideDecides() {
        Machine stiff = Machines.of("twin-300").with(MachineDimension.LOCK_RIGHT, Math.toRadians(29));
        Machine both = stiff.with(MachineDimension.LOCK_LEFT, Math.toRadians(29));
        Course course = Tasks.course("u-turn-box");
        assertThat(rungs(course, MachineTurn.computed(stiff), LengthSystem.METRIC))
                .extracting(Ladder.Rung::settingMetres)
                .isEqualTo(rungs(course, MachineTurn.computed(both), LengthSystem.METRIC).stream()
                        .map(Ladder.Rung::settingMetres)
                        .toList());
    }

    /** Straight on, a rung is a width: 0.6 m on both sides of a 0.13 m tyre is 1.33 m. */
    @Test
    void aLaneIsAsWideAsTheRoomBesideTheWheels() {
        assertThat(rungs(Tasks.course("lane"), HEAVY, LengthSystem.METRIC))
                .extracting(Ladder.Rung::settingMetres)
                .startsWith(1.35, 1.15, 0.95);
    }
}
