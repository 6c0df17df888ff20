package wrenlane.server.course.difficulty;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import wrenlane.course.Course;
import wrenlane.course.CourseSettings;
import wrenlane.course.kind.CourseKinds;
import wrenlane.course.plan.Markers;
import wrenlane.machine.MachineClass;
import wrenlane.machine.MachineDimension;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.MeasuredCircle;
import wrenlane.machine.Posture;
import wrenlane.machine.Side;
import wrenlane.server.fixture.RunningApp;
import wrenlane.server.platform.storage.Storage;
import wrenlane.units.MeasuredLength;
import wrenlane.verdict.Difficulty;

/** What was computed once is there after the next start, and only for what it was computed from. */
class DifficultyFileTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private static final Course BOX = Course.standard(CourseKinds.uTurnBox());

    private static MachineTurn machine(double wheelbase) {
        return MachineTurn.computed(MachineClass.all().get(0).typical().with(MachineDimension.WHEELBASE, wheelbase));
    }

    /** As the next start would read it. */
    private static DifficultyFile nextStart() {
        return new DifficultyFile(APP.bean(DifficultyMapper.class), APP.bean(Storage.class));
    }

    private static void await(BooleanSupplier condition) throws InterruptedException {
        long until = System.nanoTime() + 20_000_000_000L;
        while (!condition.getAsBoolean()) {
            assertThat(System.nanoTime()).as("waited for 20 s").isLessThan(until);
            Thread.sleep(20);
        }
    }

    @Test
    void theNextStartKnowsWhatWasComputed() throws InterruptedException {
        MachineTurn turn = machine(1.41);
        assertThat(nextStart().find(BOX, turn)).isEmpty();
        Difficulty computed = APP.bean(CourseDifficulty.class).of(BOX, turn, Side.LEFT);
        await(() -> nextStart().find(BOX, turn).isPresent());
        assertThat(nextStart().find(BOX, turn).orElseThrow().points()).isEqualTo(computed.points());
        assertThat(nextStart().find(BOX, machine(1.42))).isEmpty();
    }

    @Test
    void whatNobodyWaitsForIsComputedInTheBackground() throws InterruptedException {
        CourseDifficulty difficulty = APP.bean(CourseDifficulty.class);
        MachineTurn turn = machine(1.39);
        assertThat(difficulty.isKnown(BOX, turn, Side.LEFT)).isFalse();
        await(() -> difficulty.isKnown(BOX, turn, Side.LEFT));
    }

    @Test
    void theKeyIsTheSameWhateverTheOrderAndAnotherForAnythingElse() {
        MachineTurn turn = machine(1.40);
        Map<String, MeasuredLength> turned = new LinkedHashMap<>();
        BOX.settings().lengths().keySet().stream()
                .sorted(java.util.Comparator.reverseOrder())
                .forEach(name -> turned.put(name, BOX.settings().lengths().get(name)));
        Course same = new Course(
                BOX.kind(),
                new CourseSettings(
                        turned,
                        BOX.settings().counts(),
                        new HashMap<>(BOX.settings().options()),
                        Markers.STANDARD),
                BOX.firstTurn());
        String key = DifficultyKey.of(BOX, turn);
        assertThat(DifficultyKey.of(same, turn)).isEqualTo(key).startsWith("way " + Difficulty.METHOD + "\n");
        MachineTurn measured = new MachineTurn(
                turn.machine(), List.of(new MeasuredCircle(Side.LEFT, Posture.UPRIGHT, MeasuredLength.taped(5))));
        assertThat(List.of(
                        DifficultyKey.of(BOX.mirrored(), turn),
                        DifficultyKey.of(BOX.with(BOX.kind().ladder(), 6), turn),
                        DifficultyKey.of(BOX, machine(1.41)),
                        DifficultyKey.of(BOX, measured)))
                .doesNotContain(key)
                .doesNotHaveDuplicates();
    }
}
