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
import wrenlane.course.CourseKind.TurnSides;
import wrenlane.machine.Machine;
import wrenlane.machine.MachineDimension;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Machines;
import wrenlane.rideline.solve.Tasks;
import wrenlane.units.LengthMethod;
import wrenlane.units.LengthSystem;
import wrenlane.units.MeasuredLength;

class SizeLadderTest {
    private static final MachineTurn HEAVY = MachineTurn.computed(Machines.of("tourer-1400"));

    /** Half a percent from straight lines between settings, as much from where searches rest, as a share. */
    private static final double SAME_DIFFICULTY = 0.01;

    /** The same where a line turns far, or threads cones two ways, and searches from other guesses end apart. */
    private static final double ALIKE = 0.03;

    private static final Set<String> TURNS_FAR =
            Set.of("figure-eight", "figure-eight-box", "straight-weave", "circle-weave");

    /** Where the search ends in one of two sorts of line from one size to the next, and neither is always the easier. */
    private static final double OF_TWO_SORTS = 0.15;

    private static final Set<String> TWO_SORTS = Set.of("return-gates", "crossroads", "offset-weave");

    /** What several tests ask for takes a dozen searches to find. */
    private static final Map<Course, Difficulty> ON_THE_HEAVY = new ConcurrentHashMap<>();

    private static List<SizeLadder.SizeStep> sizes(Course course, MachineTurn turn, LengthSystem system) {
        Difficulty difficulty = turn == HEAVY
                ? ON_THE_HEAVY.computeIfAbsent(course, c -> Difficulty.ofBothSides(c, HEAVY))
                : Difficulty.ofBothSides(course, turn);
        return SizeLadder.of(course, turn, difficulty, system).sizes();
    }

    @ParameterizedTest
    @MethodSource("wrenlane.course.kind.CourseKinds#all")
    void everyKindHasSizesFromWideToTight(CourseKind kind) {
        List<SizeLadder.SizeStep> sizes = sizes(Course.standard(kind), HEAVY, LengthSystem.METRIC);
        assertThat(sizes).hasSizeGreaterThanOrEqualTo(4);
        for (int i = 1; i < sizes.size(); i++) {
            assertThat(sizes.get(i).settingMetres()).isLessThan(sizes.get(i - 1).settingMetres());
        }
        assertThat(sizes).allSatisfy(r -> {
            double steps = r.settingMetres() / (r.settingMetres() < 2.5 ? 0.05 : 0.1);
            assertThat(steps).isCloseTo(Math.rint(steps), within(1e-9));
            assertThat(kind.ladder().check(r.settingMetres())).isEmpty();
            assertThat(r.difficulty().isEmpty()).isEqualTo(kind.turning() == TurnSides.STRAIGHT);
        });
    }

    /** Whoever finds the widest default size too hard gets wider ones: as many as it takes, and all where none is easy. */
    @Test
    void growsForARiderWhoNeedsWiderSizes() {
        Course box = Tasks.course("u-turn-box");
        Difficulty difficulty = ON_THE_HEAVY.computeIfAbsent(box, c -> Difficulty.ofBothSides(c, HEAVY));
        List<SizeLadder.SizeStep> usual = sizes(box, HEAVY, LengthSystem.METRIC);
        assertThat(SizeLadder.of(box, HEAVY, difficulty, LengthSystem.METRIC, d -> d < 0.4)
                        .sizes())
                .isEqualTo(usual);
        List<SizeLadder.SizeStep> one = SizeLadder.of(box, HEAVY, difficulty, LengthSystem.METRIC, d -> d < 0.33)
                .sizes();
        assertThat(one).hasSize(usual.size() + 1).endsWith(usual.toArray(SizeLadder.SizeStep[]::new));
        assertThat(one.get(0).difficulty().orElseThrow()).isBetween(0.29, 0.33);
        List<SizeLadder.SizeStep> all = SizeLadder.of(box, HEAVY, difficulty, LengthSystem.METRIC, d -> false)
                .sizes();
        assertThat(all).hasSizeGreaterThan(one.size()).endsWith(one.toArray(SizeLadder.SizeStep[]::new));
        assertThat(all).extracting(r -> -r.settingMetres()).isSorted();
    }

    /** But the offset weave's closer than about 4.3 m and return gates' closer than 3.5 m: there are two ways between their cones. */
    @ParameterizedTest
    @MethodSource("wrenlane.course.kind.CourseKinds#all")
    void everySizeSolvedAgainHasItsDifficulty(CourseKind kind) {
        double share =
                TWO_SORTS.contains(kind.id()) ? OF_TWO_SORTS : TURNS_FAR.contains(kind.id()) ? ALIKE : SAME_DIFFICULTY;
        for (SizeLadder.SizeStep size : sizes(Course.standard(kind), HEAVY, LengthSystem.METRIC)) {
            Course course = Course.standard(kind).with(kind.ladder(), size.settingMetres());
            boolean twoWays = kind.id().equals("offset-weave") && size.settingMetres() < 4.3
                    || kind.id().equals("return-gates") && size.settingMetres() < 3.5;
            if (size.difficulty().isPresent() && !twoWays) {
                double said = size.difficulty().get();
                assertThat(Difficulty.exactly(course, HEAVY).orElseThrow())
                        .as("%s at %.2f m", kind.id(), size.settingMetres())
                        .isCloseTo(said, within(share * said));
            }
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"u-turn-box", "circle"})
    void isInWholeFeetAndHalfFeetWhereFeetAreRead(String kind) {
        assertThat(sizes(Tasks.course(kind), HEAVY, LengthSystem.IMPERIAL)).allSatisfy(r -> {
            double feet = r.settingMetres() / 0.3048;
            double step = feet < 10 ? 0.5 : 1;
            assertThat(feet / step).isCloseTo(Math.rint(feet / step), within(1e-3));
        });
    }

    /** Widths people lay out for a heavy tourer, from comfortable to what few ride: whole feet, 15 the smallest. */
    @Test
    void inFeetAHeavyTourersUTurnsAreThoseOfPractice() {
        assertThat(sizes(Tasks.course("u-turn-box"), HEAVY, LengthSystem.IMPERIAL))
                .extracting(r -> Math.round(r.settingMetres() / 0.3048))
                .containsExactly(35L, 31L, 28L, 25L, 23L, 21L, 19L, 17L, 16L, 15L);
    }

    /** Painted bays of 2.7 m, of which a U-turn was set to three; half of one is 1.35 m. */
    @Test
    void isInHalfBaysOnACourseSetInBays() {
        MeasuredLength threeBays = new MeasuredLength(8.1, 0.162, LengthMethod.BAYS, 3);
        Course box = Tasks.course("u-turn-box");
        Course byBays = new Course(box.kind(), box.settings().with(box.kind().ladder(), threeBays), box.firstTurn());
        List<SizeLadder.SizeStep> sizes = sizes(byBays, HEAVY, LengthSystem.IMPERIAL);
        assertThat(sizes).extracting(r -> r.inBays().orElseThrow().counted()).containsExactly(4.0, 3.5, 3.0, 2.5, 2.0);
        assertThat(sizes).allSatisfy(r -> {
            MeasuredLength inBays = r.inBays().orElseThrow();
            assertThat(inBays.metres()).isCloseTo(r.settingMetres(), within(1e-4));
            assertThat(inBays.relativeUncertainty()).isCloseTo(0.02, within(1e-9));
            assertThat(r.difficulty().orElseThrow()).isLessThanOrEqualTo(1);
        });
    }

    /** Bays of 2.5 m: two of them, 5 m, lie nearest to the hardest sizes; one bay and a half, 3.75 m, no tourer turns in. */
    @Test
    void noSizeIsRoundedPastWhatTheMachineTurns() {
        Course box = Tasks.course("u-turn-box");
        MeasuredLength twoBays = new MeasuredLength(5, 0.1, LengthMethod.BAYS, 2);
        Course byBays = new Course(box.kind(), box.settings().with(box.kind().ladder(), twoBays), box.firstTurn());
        assertThat(sizes(byBays, HEAVY, LengthSystem.METRIC))
                .isNotEmpty()
                .allSatisfy(r -> assertThat(r.difficulty().orElseThrow()).isLessThanOrEqualTo(1));
    }

    @Test
    void theHarderSideDecides() {
        Machine stiff = Machines.of("twin-300").with(MachineDimension.LOCK_RIGHT, Math.toRadians(29));
        Machine both = stiff.with(MachineDimension.LOCK_LEFT, Math.toRadians(29));
        Course course = Tasks.course("u-turn-box");
        assertThat(sizes(course, MachineTurn.computed(stiff), LengthSystem.METRIC))
                .extracting(SizeLadder.SizeStep::settingMetres)
                .isEqualTo(sizes(course, MachineTurn.computed(both), LengthSystem.METRIC).stream()
                        .map(SizeLadder.SizeStep::settingMetres)
                        .toList());
    }

    /** Straight on, a size is a width: 0.6 m on both sides of a 0.13 m tyre is 1.33 m. */
    @Test
    void aLaneIsAsWideAsTheClearanceBesideTheWheels() {
        assertThat(sizes(Tasks.course("lane"), HEAVY, LengthSystem.METRIC))
                .extracting(SizeLadder.SizeStep::settingMetres)
                .startsWith(1.35, 1.15, 0.95);
    }
}
