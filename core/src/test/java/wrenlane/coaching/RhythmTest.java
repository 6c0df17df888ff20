package wrenlane.coaching;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wrenlane.finding.Finding;

class RhythmTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);

    private static LocalDate may(int day) {
        return LocalDate.of(2026, 5, day);
    }

    @Test
    void theFirstLessonIsSoLongAfterTheLastAndALessonMayBeOnTheDayItself() {
        Rhythm weekly = new Rhythm(may(30), 7);
        assertThat(weekly.days(Optional.of(may(9)), TODAY)).containsExactly(may(16), may(23), may(30));
        assertThat(new Rhythm(may(29), 7).days(Optional.of(may(9)), TODAY)).containsExactly(may(16), may(23));
    }

    @Test
    void whoseLastLessonIsLongAgoOrWhoHasHadNoneBeginsToday() {
        Rhythm weekly = new Rhythm(may(27), 7);
        List<LocalDate> days = List.of(may(14), may(21));
        assertThat(weekly.days(Optional.of(may(1)), TODAY)).isEqualTo(days);
        assertThat(weekly.days(Optional.empty(), TODAY)).isEqualTo(days);
    }

    @Test
    void thereMayBeNoTimeForAnyLesson() {
        assertThat(new Rhythm(may(20), 7).days(Optional.of(TODAY), TODAY)).isEmpty();
    }

    /** From 16 May on, 5 lessons at 7 days end on 13 June; by 30 May 14 days have room for 4 distances of 3 days. */
    @Test
    void moreLessonsFindClearanceLaterOrMoreOften() {
        Rhythm.Schedule schedule = new Rhythm(may(30), 7).scheduleOf(5, Optional.of(may(9)), TODAY);
        assertThat(schedule.by()).isEqualTo(LocalDate.of(2026, 6, 13));
        assertThat(schedule.everyDays()).hasValue(3);
        assertThat(new Rhythm(may(30), 7)
                        .scheduleOf(16, Optional.of(may(9)), TODAY)
                        .everyDays())
                .as("14 days, 15 distances")
                .isEmpty();
    }

    /** Whatever room is found holds so many lessons. */
    @Test
    void theClearanceThatIsFoundHoldsThem() {
        for (int every = 1; every <= 20; every++) {
            for (int lessons = 2; lessons <= 12; lessons++) {
                Optional<LocalDate> last = Optional.of(may(10));
                Rhythm.Schedule schedule = new Rhythm(may(30), every).scheduleOf(lessons, last, TODAY);
                assertThat(new Rhythm(schedule.by(), every).days(last, TODAY)).hasSize(lessons);
                int distance = every;
                int wanted = lessons;
                LocalDate first = new Rhythm(may(30), every)
                        .days(last, TODAY).stream().findFirst().orElse(may(30));
                schedule.everyDays()
                        .filter(often -> often <= distance)
                        .ifPresent(often -> assertThat(first.plusDays((long) often * (wanted - 1)))
                                .isBeforeOrEqualTo(may(30)));
            }
        }
    }

    @Test
    void refusesDaysThatHavePassedAndDistancesThatAreNone() {
        assertThat(new Rhythm(TODAY, 7).check(TODAY).findings()).isEmpty();
        assertThat(new Rhythm(may(13), 0).check(TODAY).findings())
                .extracting(Finding::where)
                .containsExactly("by", "everyDays");
        assertThat(new Rhythm(LocalDate.of(2028, 5, 15), 61).check(TODAY).findings())
                .extracting(Finding::where)
                .containsExactly("by", "everyDays");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Rhythm(may(30), 7).scheduleOf(1, Optional.empty(), TODAY));
    }
}
