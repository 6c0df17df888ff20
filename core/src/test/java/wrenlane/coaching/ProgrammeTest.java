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
import wrenlane.coaching.Programme.Enough;
import wrenlane.coaching.Programme.Planned;
import wrenlane.coaching.Programme.Way;
import wrenlane.progress.GoalGap;
import wrenlane.progress.Pace;
import wrenlane.verdict.Ladder;

class ProgrammeTest {
    private static final LocalDate FIRST = LocalDate.of(2026, 5, 14);

    /** Five times as wide, in metres, as tight. */
    private static final Ladder LADDER = new Ladder(Stream.of(1.9, 1.7, 1.5, 1.35, 1.22, 1.12, 1.05)
            .map(ProgrammeTest::rung)
            .toList());

    private static Ladder.Rung rung(double tightness) {
        return new Ladder.Rung(5 * tightness, Optional.of(tightness));
    }

    private static List<LocalDate> days(int n) {
        return IntStream.range(0, n).mapToObj(i -> FIRST.plusWeeks(i)).toList();
    }

    /** From 1.60, of which 1.5, 1.35 and the goal of 1.30 are three steps, unless told otherwise. */
    private static Way way(double now, double goal, Optional<Pace> pace, List<String> drills) {
        int steps = (int) LADDER.rungs().stream()
                        .flatMap(r -> r.tightness().stream())
                        .filter(t -> t < now && t > goal)
                        .count()
                + 1;
        return new Way(new GoalGap(now - goal, steps, 0.5, pace), LADDER, rung(goal), drills, 2);
    }

    private static Programme programme(double gap, Pace pace, int lessons) {
        return Programme.of(way(1.3 + gap, 1.3, Optional.of(pace), List.of()), days(lessons))
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
                .containsExactly(Enough.UNLIKELY, Enough.OPEN, Enough.LIKELY);
        assertThat(programme(0.2, pace, 3).likelyLessons()).hasValue(5);
        assertThat(programme(0.2, pace, 5).enough()).isEqualTo(Enough.LIKELY);
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

    /** Three lessons at 0.040461 bring 1.5 to 1.3786: 1.35 is not likely, 1.5 no gain; four bring it to 1.338. */
    @Test
    void aWiderRungIsLikelyInstead() {
        Pace pace = new Pace(0.05, 0.014142, 4);
        Optional<Pace> known = Optional.of(pace);
        assertThat(Programme.of(way(1.5, 1.25, known, List.of()), days(3))
                        .orElseThrow()
                        .likelyRung())
                .isEmpty();
        assertThat(Programme.of(way(1.5, 1.25, known, List.of()), days(4))
                        .orElseThrow()
                        .likelyRung())
                .hasValue(rung(1.35));
    }

    @Test
    void aPaceThatIsKnownToTheLastDigitIsEnoughOrIsNot() {
        Pace exact = new Pace(0.05, 0, 1);
        assertThat(programme(0.1, exact, 3).enough()).isEqualTo(Enough.LIKELY);
        assertThat(programme(0.2, exact, 3).enough()).isEqualTo(Enough.UNLIKELY);
        assertThat(programme(0.2, exact, 3).sentence())
                .isEqualTo("3 lessons until then are likely not enough, less than 1 in 10.");
    }

    @Test
    void whoGetsWorseIsToldOfNoNumberOfLessons() {
        Programme worse = programme(0.2, new Pace(-0.02, 0.01, 3), 10);
        assertThat(worse.enough()).isEqualTo(Enough.UNLIKELY);
        assertThat(worse.likelyLessons()).isEmpty();
        assertThat(worse.likelyRung()).isEmpty();
    }

    @Test
    void withoutAPaceNobodyCanSayAndTheStepsStandAllTheSame() {
        Programme programme = Programme.of(way(1.6, 1.3, Optional.empty(), List.of()), days(3))
                .orElseThrow();
        assertThat(programme.enough()).isEqualTo(Enough.UNKNOWN);
        assertThat(programme.chance()).isEmpty();
        assertThat(programme.sentence())
                .isEqualTo("3 lessons until then. Whether that is enough cannot be said yet: it takes runs on two"
                        + " lessons.");
        assertThat(programme.why().toString()).isEqualTo("The goal asks for 0.10 tightness a lesson.");
        assertThat(programme.lessons()).extracting(Planned::aim).containsExactly(rung(1.5), rung(1.35), rung(1.3));
    }

    @Test
    void itSaysWhy() {
        assertThat(programme(0.2, new Pace(0.05, 0.014142, 4), 4).why().toString())
                .isEqualTo("The goal asks for 0.05 tightness a lesson; the last 4 gained 0.05 each.");
        assertThat(programme(0.2, new Pace(0.05, 0.014142, 1), 1).why().toString())
                .isEqualTo("The goal asks for 0.20 tightness a lesson; the last one gained 0.05.");
        assertThat(programme(0.04, new Pace(0.05, 0.001, 1), 1).sentence())
                .isEqualTo("1 lesson until then is likely enough, more than 9 in 10.");
    }

    @Test
    void withoutALessonThereIsNothingToPlan() {
        Programme none = Programme.of(way(1.6, 1.3, Optional.of(new Pace(0.05, 0.01, 4)), List.of("a")), List.of())
                .orElseThrow();
        assertThat(none.enough()).isEqualTo(Enough.NO_LESSON);
        assertThat(none.sentence() + none.why()).isEqualTo("No lesson until then.");
        assertThat(none.likelyLessons()).isPresent();
    }

    @Test
    void aGoalThatIsReachedNeedsNone() {
        Way reached = new Way(new GoalGap(0, 0, 0.9, Optional.empty()), LADDER, rung(1.5), List.of(), 2);
        assertThat(Programme.of(reached, days(3))).isEmpty();
    }

    /** Three steps in two lessons: 1.5 and 1.35, then the goal; two steps easier than what is worked on to begin with. */
    @Test
    void eachLessonBeginsEasierThanWhatIsWorkedOn() {
        Programme programme = Programme.of(way(1.6, 1.3, Optional.empty(), List.of("a", "b", "c")), days(2))
                .orElseThrow();
        assertThat(programme.lessons())
                .containsExactly(
                        new Planned(FIRST, rung(1.9), rung(1.35), List.of("a", "b")),
                        new Planned(FIRST.plusWeeks(1), rung(1.5), rung(1.3), List.of("c")));
    }

    @Test
    void stepsAndDrillsAreSpreadEvenlyAndEndOnTheGoal() {
        List<String> drills = List.of("a", "b", "c", "d", "e", "f", "g");
        for (double now = 1.06; now < 2.2; now += 0.07) {
            for (int n = 1; n <= 9; n++) {
                Way way = way(now, 1.04, Optional.empty(), drills.subList(0, n % 8));
                List<Planned> lessons = Programme.of(way, days(n)).orElseThrow().lessons();
                assertThat(lessons).hasSize(n);
                assertThat(lessons.get(n - 1).aim()).isEqualTo(way.goal());
                assertThat(lessons.stream().flatMap(l -> l.drills().stream())).containsExactlyElementsOf(way.drills());
                assertThat(lessons.stream()
                                .mapToInt(l -> l.drills().size())
                                .max()
                                .orElseThrow())
                        .isEqualTo((way.drills().size() + n - 1) / n);
                double before = now;
                for (Planned lesson : lessons) {
                    double aim = lesson.aim().tightness().orElseThrow();
                    double from = before;
                    long steps = Stream.concat(LADDER.rungs().stream(), Stream.of(way.goal()))
                            .flatMap(r -> r.tightness().stream())
                            .filter(t -> t < from && t >= aim)
                            .count();
                    assertThat(aim).isLessThanOrEqualTo(before);
                    assertThat(steps).isLessThanOrEqualTo((way.gap().steps() + n - 1) / n);
                    assertThat(lesson.begin().settingMetres())
                            .isGreaterThanOrEqualTo(lesson.aim().settingMetres());
                    before = aim;
                }
            }
        }
    }
}
