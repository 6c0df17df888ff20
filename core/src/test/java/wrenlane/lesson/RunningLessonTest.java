package wrenlane.lesson;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.IntSummaryStatistics;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wrenlane.drill.DrillMastery;
import wrenlane.drill.Stage;
import wrenlane.lesson.Block.Sort;
import wrenlane.lesson.Block.Turn;
import wrenlane.lesson.LiveLesson.LessonRun;
import wrenlane.lesson.LiveLesson.NextRider;
import wrenlane.machine.Side;

class RunningLessonTest {
    private static final Instant NINE = Instant.parse("2026-05-14T09:00:00Z");

    private static Instant at(double minutes) {
        return NINE.plusSeconds(Math.round(60 * minutes));
    }

    private static Turn turn(String rider, int runs, Optional<Side> weak) {
        RiderTask task = new RiderTask(
                        "u-turn", "U-turn", "chin up", Stage.U_TURNS, DrillMastery.State.WORKING_ON, true, 12)
                .on(Optional.of(7.2), weak);
        return new Turn(rider, task, runs, false);
    }

    private static Block drills(int start, int minutes, int area, String station, Turn... turns) {
        return new Block(Sort.DRILLS, start, minutes, area, Optional.of(station), List.of(turns));
    }

    private static Block pause(Sort sort, int start, int minutes) {
        return new Block(sort, start, minutes, 0, Optional.empty(), List.of());
    }

    private static final Block BOX = drills(
            10,
            20,
            0,
            "1",
            turn("ada", 3, Optional.of(Side.RIGHT)),
            turn("ben", 2, Optional.empty()),
            turn("cy", 2, Optional.empty()));

    /** Talk 0 to 10, box 10 to 30, rest 30 to 40, two areas at once 40 to 60. */
    private static final List<Block> ORDER = List.of(
            pause(Sort.BRIEFING, 0, 10),
            BOX,
            pause(Sort.REST, 30, 10),
            drills(40, 20, 0, "1", turn("ada", 2, Optional.empty())),
            drills(40, 20, 1, "2", turn("ben", 2, Optional.empty())));

    private static LiveLesson begun() {
        return LiveLesson.begin(ORDER, Set.of(), NINE);
    }

    private static List<String> riders(List<NextRider> order) {
        return order.stream().map(NextRider::rider).toList();
    }

    /** Box 0 to 10, eight 10 to 25, debrief 25 to 30. */
    private static final List<Block> REST = List.of(
            drills(0, 10, 0, "1", turn("ada", 2, Optional.empty())),
            drills(10, 15, 0, "3", turn("ada", 2, Optional.empty())),
            pause(Sort.DEBRIEF, 25, 5));

    @Test
    void whatComesAfterThisStepIsAsPlannedAnew() {
        LiveLesson lesson = begun().onward(at(10)).planned(REST, at(15));
        assertThat(lesson.now()).containsExactly(BOX);
        assertThat(lesson.endsAt(at(15))).hasValue(at(30));
        assertThat(lesson.endMinute()).isEqualTo(60);
        lesson = lesson.onward(at(30));
        assertThat(lesson.now()).extracting(Block::minutes).containsExactly(10);
        assertThat(lesson.behind(at(30))).isZero();
        lesson = lesson.onward(at(40)).onward(at(55));
        assertThat(lesson.now()).extracting(Block::sort).containsExactly(Sort.DEBRIEF);
        assertThat(lesson.onward(at(60)).isOver()).isTrue();
    }

    /** Eight minutes late, and the step goes on until its own end: from there the lesson is on time. */
    @Test
    void whatWasLateIsNoLongerBehindOncePlannedAnew() {
        LiveLesson late = begun().onward(at(18));
        assertThat(late.behind(at(20))).isEqualTo(Duration.ofMinutes(8));
        assertThat(late.minuteAfterStep(at(20))).isEqualTo(38);
        LiveLesson anew = late.planned(REST, at(20));
        assertThat(anew.behind(at(20))).isZero();
        assertThat(anew.endsAt(at(20))).hasValue(at(38));
        assertThat(anew.onward(at(38)).behind(at(38))).isZero();
        assertThat(anew.endMinute()).isEqualTo(68);
    }

    /** Over its time by five minutes: the rest begins now. */
    @Test
    void aStepThatIsOverItsTimeEndsNow() {
        LiveLesson lesson = begun().onward(at(10));
        assertThat(lesson.minuteAfterStep(at(35))).isEqualTo(35);
        assertThat(lesson.planned(REST, at(35)).onward(at(35)).behind(at(35))).isZero();
    }

    @Test
    void knowsWhatStandsAndWhatIsStillToCome() {
        LiveLesson lesson = begun();
        assertThat(lesson.standing()).isEmpty();
        assertThat(lesson.stationsToCome()).containsExactly("1", "1", "2");
        assertThat(lesson.riddenAtEndOfStep()).isZero();
        lesson = lesson.onward(at(10));
        assertThat(lesson.standing()).containsExactly("1");
        assertThat(lesson.stationsToCome()).containsExactly("1", "2");
        assertThat(lesson.riddenAtEndOfStep()).isEqualTo(20);
        lesson = lesson.onward(at(30));
        assertThat(lesson.standing()).containsExactly("1");
        assertThat(lesson.riddenAtEndOfStep()).isZero();
        lesson = lesson.onward(at(40));
        assertThat(lesson.standing()).containsExactly("1", "2");
        assertThat(lesson.stationsToCome()).isEmpty();
        assertThat(lesson.riddenAtEndOfStep()).isEqualTo(20);
    }

    /** Two groups in two areas change places: one round, said once. */
    @Test
    void groupsThatChangePlacesRideOneRound() {
        Turn ada = turn("ada", 2, Optional.empty());
        Turn ben = turn("ben", 2, Optional.empty());
        LiveLesson lesson = LiveLesson.begin(
                List.of(
                        pause(Sort.BRIEFING, 0, 10),
                        drills(10, 10, 0, "1", ada),
                        drills(10, 10, 1, "2", ben),
                        drills(20, 10, 0, "1", ben),
                        drills(20, 10, 1, "2", ada),
                        drills(30, 10, 0, "3", ada),
                        drills(30, 10, 1, "4", ben)),
                Set.of(),
                NINE);
        assertThat(lesson.stationsToCome()).containsExactly("1", "2", "3", "4");
    }

    @Test
    void aLessonThatIsOverHasNoRest() {
        LiveLesson over = begun().onward(at(10)).onward(at(30)).onward(at(40)).onward(at(60));
        assertThatThrownBy(() -> over.planned(REST, at(60))).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> begun().planned(List.of(), at(1))).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void stepsFollowOneAnotherToTheEnd() {
        LiveLesson lesson = begun();
        assertThat(lesson.now()).extracting(Block::sort).containsExactly(Sort.BRIEFING);
        lesson = lesson.onward(at(10)).onward(at(30)).onward(at(40));
        assertThat(lesson.now()).extracting(b -> b.station().orElse("")).containsExactly("1", "2");
        assertThat(lesson.next()).isEmpty();
        lesson = lesson.onward(at(60));
        assertThat(lesson.isOver()).isTrue();
        assertThat(lesson.onward(at(61))).isEqualTo(lesson);
        assertThat(lesson.endsAt(at(61))).isEmpty();
        assertThat(lesson.back(at(62)).now()).hasSize(2);
    }

    @Test
    void clocksRunFromWhenAStepBeganAndStandStillInAPause() {
        LiveLesson lesson = begun().onward(at(12));
        assertThat(lesson.endsAt(at(15))).hasValue(at(32));
        assertThat(lesson.restAt(at(15))).hasValue(at(32));
        // Begun two minutes late, it ends two minutes late.
        assertThat(lesson.behind(at(15))).isEqualTo(Duration.ofMinutes(2));
        LiveLesson paused = lesson.pause(at(15));
        assertThat(paused.endsAt(at(19))).hasValue(at(36));
        assertThat(paused.pause(at(18))).isEqualTo(paused);
        assertThat(paused.goOn(at(20)).endsAt(at(21))).hasValue(at(37));
        // Over its time, it ends now.
        assertThat(lesson.behind(at(41))).isEqualTo(Duration.ofMinutes(11));
        assertThat(begun().restAt(at(3))).hasValue(at(30));
        assertThat(lesson.onward(at(30)).restAt(at(31))).isEmpty();
    }

    /** Right is weak: of three runs two go there, the first and the last. */
    @Test
    void ridersTakeTurnsAndSidesAlternateFromTheWeakOne() {
        LiveLesson lesson = begun().onward(at(10));
        List<LessonRun> ridden = new ArrayList<>();
        List<String> seen = new ArrayList<>();
        for (double minute = 11; !lesson.order(BOX, ridden).isEmpty(); minute++) {
            NextRider up = lesson.order(BOX, ridden).get(0);
            seen.add(up.rider() + " " + up.side().orElseThrow());
            ridden.add(ridden(up.rider(), "1", up.side().orElseThrow(), at(minute)));
        }
        assertThat(seen)
                .containsExactly("ada RIGHT", "ben LEFT", "cy LEFT", "ada LEFT", "ben RIGHT", "cy RIGHT", "ada RIGHT");
    }

    @Test
    void onlyRunsOfThisStepAndStationCount() {
        LiveLesson lesson = begun().onward(at(10));
        List<LessonRun> ridden = List.of(ridden("ada", "1", Side.LEFT, at(9)), ridden("ada", "2", Side.LEFT, at(12)));
        assertThat(lesson.order(BOX, ridden).get(0).done()).isZero();
    }

    @Test
    void aTurnSkippedGoesByAndSomebodyAwayHasNone() {
        LiveLesson lesson = begun().onward(at(10));
        assertThat(riders(lesson.pass("ada", at(11)).order(BOX, List.of()))).containsExactly("ben", "cy", "ada");
        assertThat(riders(lesson.withAway("ben", true).order(BOX, List.of()))).containsExactly("ada", "cy");
        // Back after the others have ridden once each, ben is next once, and then one among them.
        List<LessonRun> ridden =
                new ArrayList<>(List.of(ridden("ada", "1", Side.RIGHT, at(11)), ridden("cy", "1", Side.LEFT, at(12))));
        LiveLesson back = lesson.withAway("ben", true).withAway("ben", false);
        assertThat(riders(back.order(BOX, ridden))).containsExactly("ben", "ada", "cy");
        ridden.add(ridden("ben", "1", Side.LEFT, at(13)));
        assertThat(riders(back.order(BOX, ridden))).containsExactly("ada", "cy", "ben");
        // The next step counts anew.
        assertThat(lesson.pass("ada", at(11)).onward(at(30)).passed()).isEmpty();
    }

    /** Whichever sides they ride to, nobody with turns left is two runs behind another. */
    @Test
    void nobodyWaitsWhileAnotherRidesTwice() {
        Random random = new Random(7);
        for (int trial = 0; trial < 50; trial++) {
            LiveLesson lesson = begun().onward(at(10));
            List<LessonRun> ridden = new ArrayList<>();
            for (int i = 0; i < 7; i++) {
                NextRider up = lesson.order(BOX, ridden).get(0);
                ridden.add(ridden(up.rider(), "1", random.nextBoolean() ? Side.LEFT : Side.RIGHT, at(11 + i)));
                IntSummaryStatistics done = lesson.order(BOX, ridden).stream()
                        .mapToInt(NextRider::done)
                        .summaryStatistics();
                assertThat(done.getCount() == 0 || done.getMax() - done.getMin() <= 1)
                        .as("%s", ridden)
                        .isTrue();
            }
            assertThat(lesson.order(BOX, ridden)).isEmpty();
        }
    }

    @Test
    void aLessonOfNothingAndAStepThatIsNotThereAreRefused() {
        assertThatThrownBy(() -> LiveLesson.begin(List.of(), Set.of(), NINE))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new LiveLesson(ORDER, NINE, 5, NINE, Optional.empty(), Set.of(), List.of()))
                .hasMessageContaining("between 0 and 4");
    }

    private static LessonRun ridden(String rider, String station, Side side, Instant at) {
        return new LessonRun(rider, station, Optional.empty(), Optional.of(side), at);
    }
}
