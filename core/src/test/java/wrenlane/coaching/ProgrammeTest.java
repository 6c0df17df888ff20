package wrenlane.coaching;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wrenlane.coaching.Programme.GoalPath;
import wrenlane.coaching.Programme.ProgrammeLesson;
import wrenlane.coaching.Programme.Sufficiency;
import wrenlane.progress.GoalGap;
import wrenlane.progress.Pace;
import wrenlane.verdict.SizeLadder;

class ProgrammeTest {
    private static final LocalDate FIRST = LocalDate.of(2026, 5, 14);

    /** As wide, in metres, as 4 over its difficulty. */
    private static final SizeLadder LADDER = new SizeLadder(Stream.of(0.40, 0.45, 0.50, 0.56, 0.63, 0.71, 0.79)
            .map(ProgrammeTest::size)
            .toList());

    private static SizeLadder.SizeStep size(double difficulty) {
        return new SizeLadder.SizeStep(4 / difficulty, Optional.of(difficulty));
    }

    private static List<LocalDate> days(int n) {
        return IntStream.range(0, n).mapToObj(i -> FIRST.plusWeeks(i)).toList();
    }

    /** From one difficulty to a goal. */
    private static GoalPath way(double now, double goal, Optional<Pace> pace, List<String> drills) {
        int steps = (int) LADDER.sizes().stream()
                        .flatMap(r -> r.difficulty().stream())
                        .filter(d -> d > now && d < goal)
                        .count()
                + 1;
        return new GoalPath(new GoalGap(goal - now, steps, 0.5, pace), LADDER, size(goal), drills, 2);
    }

    private static Programme programme(double gap, Pace pace, int lessons) {
        return Programme.of(way(0.9 - gap, 0.9, Optional.of(pace), List.of()), days(lessons))
                .orElseThrow();
    }

    /**
     * At 0.05 ± 0.014142 a lesson a gap of 0.2 asks for 0.05 of each of 4 lessons, Φ(0) = 0.5; for 0.0333 of each of 6,
     * Φ(1.1785) = 0.8807; for 0.0667 of each of 3, Φ(−1.1785) = 0.1193. At 0.05 − 0.67449 · 0.014142 = 0.040461 it takes
     * 4.94 lessons.
     */
    @Test
    void lessonsAreEnoughAsOftenAsThePaceSays() {
        Pace pace = new Pace(0.05, 0.014142, 4);
        assertThat(programme(0.2, pace, 4).chance().orElseThrow()).isCloseTo(0.5, within(1e-9));
        assertThat(programme(0.2, pace, 6).chance().orElseThrow()).isCloseTo(0.8807, within(1e-4));
        assertThat(programme(0.2, pace, 3).chance().orElseThrow()).isCloseTo(0.1193, within(1e-4));
        assertThat(IntStream.of(3, 4, 6).mapToObj(n -> programme(0.2, pace, n).enough()))
                .containsExactly(Sufficiency.UNLIKELY, Sufficiency.OPEN, Sufficiency.LIKELY);
        assertThat(programme(0.2, pace, 3).likelyLessons()).hasValue(5);
        assertThat(programme(0.2, pace, 5).enough()).isEqualTo(Sufficiency.LIKELY);
        assertThat(programme(0.2, pace, 6).likelyLessons()).isEmpty();
    }

    /** So many lessons as the pace takes at the latest are enough nineteen times in twenty, those at the soonest once. */
    @Test
    void itAgreesWithThePaceAboutSoonestAndLatest() {
        Pace pace = new Pace(0.05, 0.012, 4);
        for (int n = 1; n <= 8; n++) {
            double latest = n * (0.05 - 1.645 * 0.012);
            double soonest = n * (0.05 + 1.645 * 0.012);
            assertThat(pace.to(latest).orElseThrow().latest().orElseThrow()).isCloseTo(n, within(1e-9));
            assertThat(programme(latest, pace, n).chance().orElseThrow()).isCloseTo(0.95, within(1e-4));
            assertThat(pace.to(soonest).orElseThrow().soonest()).isCloseTo(n, within(1e-9));
            assertThat(programme(soonest, pace, n).chance().orElseThrow()).isCloseTo(0.05, within(1e-4));
        }
    }

    /** The same from paces drawn at random. */
    @Test
    void drawnPacesReachTheGoalAsOften() {
        Pace pace = new Pace(0.04, 0.03, 2);
        SplittableRandom random = new SplittableRandom(11);
        for (int n : new int[] {1, 3, 7}) {
            long reached = IntStream.range(0, 20000)
                    .filter(i -> n * (0.04 + 0.03 * random.nextGaussian()) >= 0.15)
                    .count();
            assertThat(programme(0.15, pace, n).chance().orElseThrow()).isCloseTo(reached / 20000.0, within(0.01));
        }
    }

    /** Two lessons at 0.020230 bring 0.50 to 0.5405: 0.56 is not likely, 0.50 no gain; three bring it to 0.5607. */
    @Test
    void aWiderSizeIsLikelyInstead() {
        Pace pace = new Pace(0.025, 0.007071, 4);
        Optional<Pace> known = Optional.of(pace);
        assertThat(Programme.of(way(0.5, 0.62, known, List.of()), days(2))
                        .orElseThrow()
                        .likelySize())
                .isEmpty();
        assertThat(Programme.of(way(0.5, 0.62, known, List.of()), days(3))
                        .orElseThrow()
                        .likelySize())
                .hasValue(size(0.56));
    }

    @Test
    void aPaceThatIsKnownToTheLastDigitIsEnoughOrIsNot() {
        Pace exact = new Pace(0.05, 0, 1);
        assertThat(programme(0.1, exact, 3).enough()).isEqualTo(Sufficiency.LIKELY);
        assertThat(programme(0.2, exact, 3).enough()).isEqualTo(Sufficiency.UNLIKELY);
        assertThat(programme(0.2, exact, 3).sentence())
                .isEqualTo("3 lessons until then are likely not enough, less than 1 in 10.");
    }

    @Test
    void whoGetsWorseIsToldOfNoNumberOfLessons() {
        Programme worse = programme(0.2, new Pace(-0.02, 0.01, 3), 10);
        assertThat(worse.enough()).isEqualTo(Sufficiency.UNLIKELY);
        assertThat(worse.likelyLessons()).isEmpty();
        assertThat(worse.likelySize()).isEmpty();
    }

    @Test
    void withoutAPaceNobodyCanSayAndTheStepsStandAllTheSame() {
        Programme programme = Programme.of(way(0.48, 0.6, Optional.empty(), List.of()), days(3))
                .orElseThrow();
        assertThat(programme.enough()).isEqualTo(Sufficiency.UNKNOWN);
        assertThat(programme.chance()).isEmpty();
        assertThat(programme.sentence())
                .isEqualTo("3 lessons until then. Whether that is enough cannot be said yet: it takes runs on two"
                        + " lessons.");
        assertThat(programme.why().toString()).isEqualTo("The goal asks for 4.0 points of difficulty a lesson.");
        assertThat(programme.lessons())
                .extracting(ProgrammeLesson::aim)
                .containsExactly(size(0.50), size(0.56), size(0.6));
    }

    @Test
    void itSaysWhy() {
        assertThat(programme(0.2, new Pace(0.05, 0.014142, 4), 4).why().toString())
                .isEqualTo("The goal asks for 5.0 points of difficulty a lesson; the last 4 gained 5.0 points each.");
        assertThat(programme(0.2, new Pace(0.05, 0.014142, 1), 1).why().toString())
                .isEqualTo("The goal asks for 20 points of difficulty a lesson; the last one gained 5.0 points.");
        assertThat(programme(0.04, new Pace(0.05, 0.001, 1), 1).sentence())
                .isEqualTo("1 lesson until then is likely enough, more than 9 in 10.");
    }

    @Test
    void withoutALessonThereIsNothingToPlan() {
        Programme none = Programme.of(way(0.48, 0.6, Optional.of(new Pace(0.05, 0.01, 4)), List.of("a")), List.of())
                .orElseThrow();
        assertThat(none.enough()).isEqualTo(Sufficiency.NO_LESSON);
        assertThat(none.sentence() + none.why()).isEqualTo("No lesson until then.");
        assertThat(none.likelyLessons()).isPresent();
    }

    @Test
    void aGoalThatIsReachedNeedsNone() {
        GoalPath reached = new GoalPath(new GoalGap(0, 0, 0.9, Optional.empty()), LADDER, size(0.5), List.of(), 2);
        assertThat(Programme.of(reached, days(3))).isEmpty();
    }

    /** Three steps in two lessons: 0.50 and 0.56, then the goal; two steps easier than what is worked on to begin with. */
    @Test
    void eachLessonBeginsEasierThanWhatIsWorkedOn() {
        Programme programme = Programme.of(way(0.48, 0.6, Optional.empty(), List.of("a", "b", "c")), days(2))
                .orElseThrow();
        assertThat(programme.lessons())
                .containsExactly(
                        new ProgrammeLesson(FIRST, size(0.40), size(0.56), List.of("a", "b")),
                        new ProgrammeLesson(FIRST.plusWeeks(1), size(0.50), size(0.6), List.of("c")));
    }

    @Test
    void stepsAndDrillsAreSpreadEvenlyAndEndOnTheGoal() {
        List<String> drills = List.of("a", "b", "c", "d", "e", "f", "g");
        for (double now = 0.3; now < 0.84; now += 0.03) {
            for (int n = 1; n <= 9; n++) {
                GoalPath way = way(now, 0.85, Optional.empty(), drills.subList(0, n % 8));
                List<ProgrammeLesson> lessons =
                        Programme.of(way, days(n)).orElseThrow().lessons();
                assertThat(lessons).hasSize(n);
                assertThat(lessons.get(n - 1).aim()).isEqualTo(way.goal());
                assertThat(lessons.stream().flatMap(l -> l.drills().stream())).containsExactlyElementsOf(way.drills());
                assertThat(lessons.stream()
                                .mapToInt(l -> l.drills().size())
                                .max()
                                .orElseThrow())
                        .isEqualTo((way.drills().size() + n - 1) / n);
                double before = now;
                for (ProgrammeLesson lesson : lessons) {
                    double aim = lesson.aim().difficulty().orElseThrow();
                    double from = before;
                    long steps = Stream.concat(LADDER.sizes().stream(), Stream.of(way.goal()))
                            .flatMap(r -> r.difficulty().stream())
                            .filter(d -> d > from && d <= aim)
                            .count();
                    assertThat(aim).isGreaterThanOrEqualTo(before);
                    assertThat(steps).isLessThanOrEqualTo((way.gap().steps() + n - 1) / n);
                    assertThat(lesson.begin().settingMetres())
                            .isGreaterThanOrEqualTo(lesson.aim().settingMetres());
                    before = aim;
                }
            }
        }
    }
}
