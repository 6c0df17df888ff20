package wrenlane.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.course.CourseKind.TurnSides;
import wrenlane.course.kind.CourseKinds;
import wrenlane.machine.Machine;
import wrenlane.machine.MachineClass;
import wrenlane.machine.MachineDimension;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Machines;
import wrenlane.rideline.solve.Tasks;

class DifficultyTest {
    /** The solver's line is free in more than the closed form's, as a share. */
    private static final double AS_THE_CLOSED_FORM = 0.005;

    /** Where searches for like lines rest, as a share. */
    private static final double ALIKE = 0.01;

    private static final List<MachineClass> EACH_END = List.of(
            MachineClass.all().get(2), MachineClass.all().get(MachineClass.all().size() - 1));

    private static MachineTurn turn(String machine) {
        return MachineTurn.computed(Machines.of(machine));
    }

    @ParameterizedTest
    @CsvFileSource(resources = "u-turn-difficulty.csv", numLinesToSkip = 1)
    void meetsTheClosedFormOfTheUTurnBetweenLines(String machine, double width, double difficulty, String source) {
        assertThat(Difficulty.exactly(Tasks.course("u-turn-box", width), turn(machine))
                        .orElseThrow())
                .as(source)
                .isCloseTo(difficulty, within(AS_THE_CLOSED_FORM * difficulty));
        assertThat(Difficulty.of(Tasks.course("u-turn-box"), turn(machine))
                        .at(width)
                        .orElseThrow())
                .as("between settings solved for")
                .isCloseTo(difficulty, within(ALIKE * difficulty));
    }

    @ParameterizedTest
    @ValueSource(strings = {"u-turn-box", "full-lock-start", "circle", "straight-weave", "figure-eight-box"})
    void isTheSameToTheOtherSide(String kind) {
        Course course = Tasks.course(kind);
        double here = Difficulty.exactly(course, turn("cruiser-1100")).orElseThrow();
        assertThat(Difficulty.exactly(course.mirrored(), turn("cruiser-1100")).orElseThrow())
                .isCloseTo(here, within(ALIKE * here));
    }

    @ParameterizedTest
    @ValueSource(strings = {"straight-weave", "offset-weave", "circle", "figure-eight", "return-gates", "circle-weave"})
    void isTheSameOnFlatMarkersAsOnTallCones(String kind) {
        Course flat = Tasks.with(Tasks.course(kind), "marking", "FLAT");
        Course tall = Tasks.with(Tasks.course(kind), "marking", "TALL");
        assertThat(Difficulty.exactly(flat, turn("twin-300"))).isEqualTo(Difficulty.exactly(tall, turn("twin-300")));
    }

    /** From a stop the turn alone counts, so that a machine and a course twice as large turn alike. */
    @Test
    void isTheSameForACourseAndAMachineScaledAlike() {
        Machine small = Machines.of("scooter-125");
        Machine large = small;
        for (MachineDimension d : new MachineDimension[] {
            MachineDimension.WHEELBASE, MachineDimension.WIDTH, MachineDimension.FRONT_TYRE_WIDTH
        }) {
            large = large.with(d, 1.3 * small.value(d));
        }
        Course course = Tasks.with(Tasks.course("u-turn-box", 5), "start", "FROM_A_STOP");
        double here = Difficulty.exactly(course, MachineTurn.computed(small)).orElseThrow();
        double there = Difficulty.exactly(course.with(course.kind().ladder(), 1.3 * 5), MachineTurn.computed(large))
                .orElseThrow();
        assertThat(there).isCloseTo(here, within(ALIKE * here));
    }

    /** On every kind, for a light class and the heaviest, from a difficulty nobody asks for to one nobody can ride. */
    @ParameterizedTest
    @MethodSource("wrenlane.course.kind.CourseKinds#all")
    void aWiderSizeIsNeverHarder(CourseKind kind) {
        if (kind.turning() == TurnSides.STRAIGHT) {
            assertThat(Difficulty.of(Course.standard(kind), turn("twin-300")).at(1))
                    .isEmpty();
            return;
        }
        for (MachineClass machine : EACH_END) {
            Difficulty over = Difficulty.of(Course.standard(kind), MachineTurn.computed(machine.typical()));
            double smallest = over.settingAt(0.7).orElseThrow();
            double before = 2;
            for (double setting = smallest; setting < 2 * smallest; setting += 0.07) {
                double here = over.at(setting).orElseThrow();
                assertThat(here)
                        .as("%s on %s at %.2f m", kind.id(), machine.id(), setting)
                        .isLessThan(before);
                before = here;
            }
        }
    }

    @Test
    void everyKindThatTurnsIsSolvedForTheLightAndTheHeaviest() {
        for (CourseKind kind : CourseKinds.all()) {
            for (MachineClass machine : EACH_END) {
                assertThat(Difficulty.exactly(Course.standard(kind), MachineTurn.computed(machine.typical()))
                                .isPresent())
                        .as("%s on %s", kind.id(), machine.id())
                        .isEqualTo(kind.turning() != TurnSides.STRAIGHT);
            }
        }
    }

    /** Kept points are taken for what this way of computation gives: where these differ, raise {@link Difficulty#METHOD}. */
    @Test
    void theWayItIsComputedIsTheOneThatIsCounted() {
        MachineTurn turn = MachineTurn.computed(MachineClass.all().get(0).typical());
        Difficulty box = Difficulty.of(Course.standard(CourseKinds.uTurnBox()), turn);
        assertThat(Difficulty.METHOD).isEqualTo(2);
        assertThat(box.settingAt(0.5).orElseThrow()).isCloseTo(4.938, within(0.005));
        assertThat(Difficulty.of(box.points()).settingAt(0.5)).isEqualTo(box.settingAt(0.5));
    }
}
