package wrenlane.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wrenlane.course.Course;
import wrenlane.course.kind.CourseKinds;
import wrenlane.id.CourseId;
import wrenlane.id.DayId;
import wrenlane.id.MachineId;
import wrenlane.id.RiderId;
import wrenlane.id.RunId;
import wrenlane.machine.Side;
import wrenlane.run.RunLog.Correction;
import wrenlane.run.RunLog.Withdrawal;

class RunTest {
    private static final Instant AT = Instant.parse("2026-05-09T09:00:00Z");

    @Test
    void isCleanWithoutFaults() {
        assertThat(RunFixture.run(Side.LEFT, 6, Set.of(), AT).isClean()).isTrue();
        assertThat(RunFixture.run(Side.LEFT, 6, Set.of(Fault.DROP), AT).isClean())
                .isFalse();
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -1, Double.NaN, 1000})
    void rejectsImpossibleSize(double size) {
        assertThatIllegalArgumentException().isThrownBy(() -> RunFixture.run(Side.LEFT, size, Set.of(), AT));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -0.5, Double.NaN, 1000})
    void rejectsImpossibleDifficulty(double difficulty) {
        Run run = RunFixture.run(Side.LEFT, 6, Set.of(), AT);
        assertThatIllegalArgumentException().isThrownBy(() -> new AssessedRun(run, Optional.of(difficulty)));
    }

    @Test
    void rejectsRunWithoutCourseAndDrill() {
        RunContext nothing = new RunContext(new DayId(1), new RiderId(1), new MachineId(1), Optional.empty());
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Run(
                        new RunId("run-00001"),
                        nothing,
                        Optional.empty(),
                        Optional.empty(),
                        Set.of(),
                        RunDetail.PLAIN,
                        RunLog.first(AT, false, "")));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "short", "with space", "0123456789012345678901234567890123456789012345678901234567890123x"})
    void rejectsImpossibleId(String id) {
        assertThatIllegalArgumentException().isThrownBy(() -> new RunId(id));
    }

    @Test
    void hasNoSideOnCourseRiddenStraightOn() {
        Course lane = Course.standard(CourseKinds.find("lane").orElseThrow());
        RunDetail timed = new RunDetail(
                RunSort.RUN, Optional.of(9.0), Optional.empty(), Optional.empty(), Map.of(), "", Observation.NOTHING);
        Run run = RunFixture.run(lane, Optional.of(Side.RIGHT), 0.6, Set.of(), timed, AT);
        assertThat(run.side()).isEmpty();
        assertThat(run.sideOfCourse()).contains(lane.firstTurn());
        double length = lane.settings().of(lane.kind().timedLength().orElseThrow());
        assertThat(run.speedMetresPerSecond().orElseThrow()).isCloseTo(length / 9, within(1e-12));
    }

    /** Rings of 9.5 m overlap where their centres are 9 m apart. */
    @Test
    void keepsSizeAtWhichCourseCannotStand() {
        Course eight = Course.standard(CourseKinds.find("figure-eight").orElseThrow());
        CourseRide ride = CourseRide.of(new CourseId(1), "Eight", 9.5, eight, Optional.of(Side.RIGHT));
        assertThat(ride.sizeMetres()).isEqualTo(9.5);
        assertThat(ride.course()).isEqualTo(eight);
        CourseRide fits = CourseRide.of(new CourseId(1), "Eight", 5, eight, Optional.of(Side.RIGHT));
        assertThat(fits.course().firstTurn()).isEqualTo(Side.RIGHT);
        assertThat(fits.course().settings().of(eight.kind().ladder())).isEqualTo(5);
    }

    @Test
    void knowsItsCourseAndSize() {
        Run run = RunFixture.run(Side.LEFT, 6.1, Set.of(), AT);
        assertThat(run.isOn(new CourseId(1))).isTrue();
        assertThat(run.isOn(new CourseId(2))).isFalse();
        assertThat(run.isAt(6.1)).isTrue();
        assertThat(run.isAt(6.4)).isFalse();
        assertThat(run.isOfDay(new DayId(2))).isFalse();
    }

    @Test
    void historyPutsCorrectionsInPlaceOfWhatTheyCorrect() {
        Run first = RunFixture.run(Side.LEFT, 6, Set.of(Fault.FOOT), AT);
        Run second = corrects(first, AT.plusSeconds(5));
        Run third = corrects(second, AT.plusSeconds(9));
        Run other = RunFixture.run(Side.RIGHT, 6, Set.of(), AT.plusSeconds(60));
        List<RunHistory> histories = RunHistory.of(List.of(first, second, third, other));
        assertThat(histories).extracting(RunHistory::current).containsExactly(other, third);
        assertThat(histories.get(1).earlier()).containsExactly(second, first);
    }

    private static Run corrects(Run before, Instant at) {
        RunLog log = new RunLog(
                before.at(),
                false,
                "",
                Optional.of(new Correction(before.id(), at)),
                Optional.of(new Withdrawal(at, "phone")));
        return new Run(
                new RunId("run-" + at.toEpochMilli() + "-0000"),
                before.context(),
                before.ride(),
                before.side(),
                Set.of(),
                before.detail(),
                log);
    }

    @Test
    void everyFaultHasALetterOfItsOwn() {
        assertThat(Arrays.stream(Fault.values()).map(Fault::letter)).containsExactly('C', 'L', 'G', 'F', 'S', 'T', 'D');
    }
}
