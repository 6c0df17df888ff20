package wrenlane.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wrenlane.drill.DrillMastery.State;
import wrenlane.drill.Stage;
import wrenlane.lesson.LessonReview.Entry;
import wrenlane.lesson.LessonReview.Part;

class LessonReviewTest {
    private static final Instant BEGUN = Instant.parse("2026-05-14T09:00:00Z");

    private static final RiderTask TASK =
            new RiderTask("u-turn", "U-turn", "Chin up", Stage.values()[3], State.WORKING_ON, true, 10);

    private static Block round(int start, int minutes, String station, Object... ridersAndRuns) {
        List<Block.Turn> turns = new ArrayList<>();
        for (int i = 0; i < ridersAndRuns.length; i += 2) {
            turns.add(new Block.Turn((String) ridersAndRuns[i], TASK, (Integer) ridersAndRuns[i + 1], false));
        }
        return new Block(Block.Sort.DRILLS, start, minutes, 0, Optional.of(station), turns);
    }

    private static Optional<LiveLesson> begun(Block... blocks) {
        return Optional.of(LiveLesson.begin(List.of(blocks), Set.of(), BEGUN));
    }

    /** Runs one after the other: {@code .} clean, {@code x} a fault, {@code D} a drop, {@code s} a timed ride. */
    private static List<Entry> log(String rider, String station, int fromMinute, String outcomes) {
        List<Entry> log = new ArrayList<>();
        for (int i = 0; i < outcomes.length(); i++) {
            char how = outcomes.charAt(i);
            Instant at = BEGUN.plus(Duration.ofMinutes(fromMinute + i));
            log.add(new Entry(rider, station, at, how != 's', how == '.', how == 'D'));
        }
        return log;
    }

    @SafeVarargs
    private static List<Entry> all(List<Entry>... logs) {
        List<Entry> all = new ArrayList<>();
        for (List<Entry> log : logs) {
            all.addAll(log);
        }
        return all;
    }

    private static LessonReview review(Optional<LiveLesson> lesson, List<Entry> log) {
        return LessonReview.of(lesson, true, log);
    }

    private static List<String> changes(LessonReview review) {
        return review.changes(id -> "the " + id, id -> id.toUpperCase(Locale.ROOT));
    }

    @Test
    void countsWhatWasPlannedAndRiddenByStationAndRider() {
        LessonReview review = review(
                begun(round(10, 30, "box", "ann", 6, "bo", 6), round(40, 10, Station.OPEN, "ann", 8)),
                all(log("ann", "box", 12, "..x.s"), log("bo", "box", 20, "xD...."), log("bo", "eight", 28, ".")));
        assertThat(review.stations())
                .containsExactly(new Part("box", 12, 11, 10, 7, 1), new Part("eight", 0, 1, 1, 1, 0));
        assertThat(review.riders()).containsExactly(new Part("ann", 6, 5, 4, 3, 0), new Part("bo", 6, 7, 7, 5, 1));
        assertThat(review.planned()).isEqualTo(12);
        assertThat(review.ridden()).isEqualTo(12);
        // The last run is at minute 28, and the open ground would have been ridden on until minute 50.
        assertThat(review.ends()).hasValue(new LessonReview.EndTimes(50, 28));
        assertThat(changes(review)).isEmpty();
    }

    @Test
    void withoutAPlanItTellsWhatWasRidden() {
        LessonReview review = review(Optional.empty(), log("ann", "box", 0, "..xD"));
        assertThat(review.ends()).isEmpty();
        assertThat(review.stations()).containsExactly(new Part("box", 0, 4, 4, 2, 1));
        assertThat(review.planned()).isZero();
        assertThat(changes(review)).isEmpty();
        assertThat(review(Optional.empty(), List.of()).stations()).isEmpty();
    }

    @Test
    void aStationRiddenLessThanPlannedIsNamed() {
        LessonReview review = review(
                begun(round(0, 20, "box", "ann", 8, "bo", 8), round(20, 20, "eight", "ann", 4)),
                all(log("ann", "box", 1, "...."), log("bo", "box", 9, "....")));
        assertThat(changes(review))
                .containsExactly(
                        "At the box 8 of 16 planned runs were ridden: plan a longer round there, or fewer runs.",
                        "the eight was planned and not ridden: plan a course less.");
    }

    @Test
    void aRiderIsNamedOnlyWhoHadLessThanTheOthers() {
        Block round = round(0, 30, "box", "ann", 6, "bo", 6, "cy", 6);
        LessonReview review = review(
                begun(round),
                all(log("ann", "box", 1, "......"), log("bo", "box", 8, "......"), log("cy", "box", 15, "...")));
        assertThat(changes(review))
                .containsExactly("CY: 3 of 6 planned runs were ridden. First in the order next time.");
    }

    @Test
    void whoDidNotRideAtAllIsNamedApart() {
        LessonReview review = review(
                begun(round(0, 30, "box", "ann", 6, "bo", 6, "cy", 6, "dee", 4)),
                all(log("ann", "box", 1, "......"), log("bo", "box", 8, "......"), log("cy", "box", 15, "......")));
        assertThat(changes(review))
                .containsExactly("DEE was planned and did not ride: say on Lesson who is not there, and the others ride"
                        + " more.");
    }

    @Test
    void whileItIsStillOnNothingIsMissing() {
        LessonReview review = LessonReview.of(begun(round(0, 30, "box", "ann", 6)), false, log("ann", "box", 1, "DD"));
        assertThat(changes(review))
                .containsExactly(
                        "2 drops, at the box: stand wider there, or come back to it later.",
                        "2 drops, ANN: begin wider, and rest sooner.");
    }

    @Test
    void whoWasAwayIsNotMissed() {
        LiveLesson lesson =
                begun(round(0, 30, "box", "ann", 6, "bo", 6)).orElseThrow().withAway("bo", true);
        LessonReview review = review(Optional.of(lesson), log("ann", "box", 1, "......"));
        assertThat(review.riders()).containsExactly(new Part("ann", 6, 6, 6, 6, 0));
        assertThat(changes(review)).isEmpty();
    }

    @Test
    void endingLateIsSaidFromTenMinutesOn() {
        Block round = round(0, 30, "box", "ann", 4);
        assertThat(changes(review(begun(round), log("ann", "box", 36, "....")))).isEmpty();
        assertThat(changes(review(begun(round), log("ann", "box", 37, "...."))))
                .containsExactly("The riding ended 10 min later than planned, at minute 40 instead of 30:"
                        + " plan less of it, or more time.");
    }

    @Test
    void dropsThatHeapUpAreNamedByPlaceAndRider() {
        LessonReview review = review(
                Optional.empty(),
                all(log("ann", "box", 0, "D.D"), log("bo", "box", 5, "D"), log("bo", "eight", 6, "D")));
        assertThat(changes(review))
                .containsExactly(
                        "3 drops, at the box: stand wider there, or come back to it later.",
                        "2 drops, ANN: begin wider, and rest sooner.",
                        "2 drops, BO: begin wider, and rest sooner.");
    }

    /** Entries in another order say the same. */
    @Test
    void theOrderOfTheLogDoesNotMatter() {
        List<Entry> log = all(log("ann", "box", 1, "..x"), log("bo", "eight", 8, "D."));
        List<Entry> reversed = new ArrayList<>(log);
        Collections.reverse(reversed);
        assertThat(review(Optional.empty(), reversed)).isEqualTo(review(Optional.empty(), log));
    }
}
