package wrenlane.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wrenlane.course.Course;
import wrenlane.course.CourseDimension;
import wrenlane.course.kind.CourseKinds;
import wrenlane.drill.DrillRiding.Sides;
import wrenlane.drill.PassMark.Measure;
import wrenlane.machine.Side;
import wrenlane.run.AssessedRun;
import wrenlane.run.Fault;
import wrenlane.run.Observation;
import wrenlane.run.RunDetail;
import wrenlane.run.RunFixture;
import wrenlane.run.RunSort;
import wrenlane.run.Score;
import wrenlane.run.Score.TapeMeasure;

class PassMarkTest {
    private static final Course BOX = Course.standard(CourseKinds.usual());
    private static final Course LANE = Course.standard(CourseKinds.find("lane").orElseThrow());

    /** Runs as L or R, small where faulty, all at one difficulty. */
    private static List<AssessedRun> runs(String said, double difficulty) {
        List<AssessedRun> runs = new ArrayList<>();
        for (char c : said.toCharArray()) {
            runs.add(ridden(
                    Character.toUpperCase(c) == 'L' ? Side.LEFT : Side.RIGHT,
                    difficulty,
                    Character.isUpperCase(c) ? Set.of() : Set.of(Fault.LINE),
                    BOX,
                    RunDetail.PLAIN));
        }
        return runs;
    }

    @ParameterizedTest
    @CsvSource({
        "LLLLRRRR, EACH, true",
        "LLLLRRR, EACH, false",
        "LLLLLLLL, EACH, false",
        "LLLLLLLL, LINKED, true",
        "LLLLlRRRR, EACH, true",
        "LLLLllRRRR, EACH, false",
        "lllLLLLRRRR, EACH, true",
        "'', LINKED, false"
    })
    void fourOfTheLastFiveOnEachSideThatIsRiddenAlone(String runs, Sides sides, boolean met) {
        assertThat(DrillRuns.meet(Drills.cleanRuns(0.5), sides, runs(runs, 0.5)))
                .isEqualTo(met);
    }

    @ParameterizedTest
    @CsvSource({"0.56, true", "0.5, true", "0.486, true", "0.48, false", "0.4, false"})
    void onlyRunsAsHardAsTheMarkCount(double difficulty, boolean met) {
        assertThat(DrillRuns.meet(Drills.cleanRuns(0.5), Sides.LINKED, runs("LLLLL", difficulty)))
                .isEqualTo(met);
    }

    @ParameterizedTest
    @CsvSource({
        "TIME_SECONDS, 12, 12, true",
        "TIME_SECONDS, 12, 11.9, false",
        "PLANK_METRES, 0.1, 0.1, true",
        "PLANK_METRES, 0.1, 0.11, false"
    })
    void aScoreReachesItsTarget(Measure measure, double target, double score, boolean reached) {
        assertThat(new PassMark(measure, 3, 3, Optional.of(target), Optional.empty()).reachedBy(score))
                .isEqualTo(reached);
    }

    private static AssessedRun ridden(
            Side side, double difficulty, Set<Fault> faults, Course course, RunDetail detail) {
        return new AssessedRun(
                RunFixture.run(course, Optional.of(side), 6, faults, detail, Instant.EPOCH), Optional.of(difficulty));
    }

    private static RunDetail detail(RunSort sort, Optional<Double> seconds, Optional<Double> minutes, Score... score) {
        return new RunDetail(
                sort,
                seconds,
                minutes,
                Optional.empty(),
                Map.of(),
                "",
                Observation.NOTHING,
                Stream.of(score).findFirst());
    }

    private static AssessedRun timed(Course lane, double seconds, Fault... faults) {
        return ridden(
                Side.LEFT, 0.5, Set.of(faults), lane, detail(RunSort.RUN, Optional.of(seconds), Optional.empty()));
    }

    private static PassMark of(Measure measure, int clean, int of, double target) {
        return new PassMark(measure, clean, of, Optional.of(target), Optional.empty());
    }

    @Test
    void whatWasNeitherTimedNorMeasuredIsNoScore() {
        for (Measure measure : Measure.values()) {
            if (measure != Measure.CLEAN_RUNS) {
                assertThat(DrillRuns.meet(of(measure, 1, 1, 0.2), Sides.STRAIGHT, runs("LLLL", 0.5)))
                        .as("%s", measure)
                        .isFalse();
            }
        }
    }

    /** 15 m in 12 s is 1.25 m/s: over 30 m that takes 24 s. */
    @Test
    void aTimeIsThatOverALaneOfTheUsualLength() {
        PassMark slow = of(Measure.TIME_SECONDS, 2, 3, 12);
        assertThat(DrillRuns.meet(slow, Sides.STRAIGHT, List.of(timed(LANE, 12), timed(LANE, 13))))
                .isTrue();
        assertThat(DrillRuns.meet(slow, Sides.STRAIGHT, List.of(timed(LANE, 12), timed(LANE, 11.9))))
                .isFalse();
        CourseDimension length = LANE.kind().timedLength().orElseThrow();
        Course twice = LANE.with(length, 2 * length.standard());
        assertThat(DrillRuns.meet(slow, Sides.STRAIGHT, List.of(timed(twice, 24), timed(twice, 24.1))))
                .isTrue();
        assertThat(DrillRuns.meet(slow, Sides.STRAIGHT, List.of(timed(twice, 23.9), timed(twice, 23.9))))
                .isFalse();
    }

    @Test
    void aScoreCountsWithoutAFaultAndAmongTheLastThatWereTaken() {
        PassMark slow = of(Measure.TIME_SECONDS, 2, 2, 12);
        assertThat(DrillRuns.meet(slow, Sides.STRAIGHT, List.of(timed(LANE, 13), timed(LANE, 20, Fault.FOOT))))
                .isFalse();
        List<AssessedRun> untimedBetween = new ArrayList<>(List.of(timed(LANE, 13)));
        untimedBetween.addAll(runs("lll", 0.5));
        untimedBetween.add(timed(LANE, 13));
        assertThat(DrillRuns.meet(slow, Sides.STRAIGHT, untimedBetween)).isTrue();
        untimedBetween.add(timed(LANE, 5));
        assertThat(DrillRuns.meet(slow, Sides.STRAIGHT, untimedBetween)).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"6.4, CIRCLE, true", "6.6, CIRCLE, false", "0.1, PLANK, false"})
    void whatIsMeasuredIsWhatIsAskedFor(double metres, TapeMeasure measured, boolean met) {
        List<AssessedRun> ridden = Stream.of(Side.values())
                .map(side -> ridden(
                        side,
                        0.5,
                        Set.of(),
                        BOX,
                        detail(RunSort.RUN, Optional.empty(), Optional.empty(), new Score(measured, metres))))
                .toList();
        assertThat(DrillRuns.meet(of(Measure.CIRCLE_METRES, 1, 1, 6.5), Sides.EACH, ridden))
                .isEqualTo(met);
        assertThat(DrillRuns.meet(of(Measure.CIRCLE_METRES, 1, 1, 6.5), Sides.EACH, ridden.subList(0, 1)))
                .isFalse();
    }

    @Test
    void aTimedRideCountsByItsMinutesAndIsNoCleanRun() {
        AssessedRun timedRide =
                ridden(Side.LEFT, 0.5, Set.of(), LANE, detail(RunSort.SPELL, Optional.empty(), Optional.of(5.0)));
        assertThat(DrillRuns.meet(of(Measure.TIMED_RIDE_MINUTES, 1, 1, 5), Sides.LINKED, List.of(timedRide)))
                .isTrue();
        assertThat(DrillRuns.meet(of(Measure.TIMED_RIDE_MINUTES, 1, 1, 6), Sides.LINKED, List.of(timedRide)))
                .isFalse();
        PassMark one = new PassMark(Measure.CLEAN_RUNS, 1, 1, Optional.empty(), Optional.empty());
        assertThat(DrillRuns.meet(one, Sides.LINKED, List.of(timedRide))).isFalse();
        assertThat(DrillRuns.meet(one, Sides.LINKED, runs("L", 0.5))).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"4, 5, 2, 3", "3, 3, 2, 2", "1, 1, 1, 1", "2, 5, 1, 3"})
    void aNewMachineAsksForHalfAsMany(int clean, int of, int fewer, int ofFewer) {
        PassMark mark = new PassMark(Measure.CLEAN_RUNS, clean, of, Optional.empty(), Optional.empty());
        assertThat(mark.forANewMachine())
                .isEqualTo(new PassMark(Measure.CLEAN_RUNS, fewer, ofFewer, Optional.empty(), Optional.empty()));
    }

    @Test
    void onlyTheFirstStageIsShownAgainOnAnotherMachine() {
        Drill first = Drills.drill("first", Stage.FIND_THE_ZONE);
        Drill second = Drills.drill("second", Stage.STRAIGHT_CONTROL);
        assertThat(first.passAgain(true)).isEqualTo(first.pass().forANewMachine());
        assertThat(first.passAgain(false)).isEqualTo(first.pass());
        assertThat(second.passAgain(true)).isEqualTo(second.pass());
    }

    @ParameterizedTest
    @CsvSource({"0, 5", "6, 5", "4, 21"})
    void refusesMarksNobodyCanReach(int clean, int of) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new PassMark(Measure.CLEAN_RUNS, clean, of, Optional.empty(), Optional.empty()));
    }

    @ParameterizedTest
    @CsvSource({"NaN", "0", "-1", "1000"})
    void refusesTargetsOutOfRange(double target) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new PassMark(Measure.TIME_SECONDS, 1, 1, Optional.of(target), Optional.empty()));
    }

    @Test
    void aScoreNeedsATargetAndCleanRunsHaveNone() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new PassMark(Measure.TIME_SECONDS, 1, 1, Optional.empty(), Optional.empty()));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new PassMark(Measure.CLEAN_RUNS, 1, 1, Optional.of(3.0), Optional.empty()));
    }
}
