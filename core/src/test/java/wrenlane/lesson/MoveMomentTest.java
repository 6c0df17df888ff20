package wrenlane.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wrenlane.drill.DrillMastery;
import wrenlane.drill.Stage;
import wrenlane.lesson.Block.Sort;
import wrenlane.lesson.Block.Turn;
import wrenlane.lesson.LiveLesson.LessonRun;
import wrenlane.machine.Side;

class MoveMomentTest {
    private static final Instant NINE = Instant.parse("2026-05-14T09:00:00Z");

    private static Instant at(int minutes) {
        return NINE.plus(Duration.ofMinutes(minutes));
    }

    private static Turn turn(String rider, double setting) {
        RiderTask task = new RiderTask(
                        "u-turn", "U-turn", "chin up", Stage.U_TURNS, DrillMastery.State.WORKING_ON, true, 12)
                .on(Optional.of(setting), Optional.empty());
        return new Turn(rider, task, 2, false);
    }

    /** Ada and Ben on 7.2 m, Cy on 6.0 m, for twenty minutes. */
    private static LiveLesson lesson() {
        Block box = new Block(
                Sort.DRILLS, 0, 20, 0, Optional.of("1"), List.of(turn("ada", 7.2), turn("ben", 7.2), turn("cy", 6)));
        return LiveLesson.begin(List.of(box), Set.of(), NINE);
    }

    private static String said(MoveMoment moment) {
        return moment.said(id -> id.substring(0, 1).toUpperCase(Locale.ROOT) + id.substring(1));
    }

    @Test
    void waitsForThoseWhoStillRideWhatStands() {
        MoveMoment moment = MoveMoment.during(lesson(), "1", List.of(7.2), "ada", List.of(), at(6));
        assertThat(moment.others()).containsExactly("ben");
        assertThat(moment.after()).contains(Duration.ofMinutes(14));
        assertThat(said(moment))
                .isEqualTo("Ben still rides the sizes on the ground: best when this block ends, in 14 min.");
    }

    @Test
    void isNowOnceTheOthersHaveRidden() {
        List<LessonRun> both = List.of(ridden("ben", "1", Side.LEFT, at(2)), ridden("ben", "1", Side.RIGHT, at(4)));
        MoveMoment moment = MoveMoment.during(lesson(), "1", List.of(7.2), "ada", both, at(6));
        assertThat(moment.others()).isEmpty();
        assertThat(moment.after()).contains(Duration.ZERO);
        assertThat(said(moment)).contains("before the next turn");
    }

    @Test
    void isNowWhereNothingIsTakenAwayOrItStandsElsewhere() {
        assertThat(MoveMoment.during(lesson(), "1", List.of(), "ada", List.of(), at(6))
                        .others())
                .isEmpty();
        assertThat(MoveMoment.during(lesson(), "2", List.of(7.2), "ada", List.of(), at(6))
                        .others())
                .isEmpty();
        assertThat(MoveMoment.during(lesson(), "1", List.of(6.0), "cy", List.of(), at(6))
                        .others())
                .isEmpty();
    }

    /** Over its time, a block ends now; somebody who has left is not waited for. */
    @Test
    void doesNotWaitForAnEndGoneByOrForSomebodyAway() {
        MoveMoment late = MoveMoment.during(lesson(), "1", List.of(7.2, 6.0), "ada", List.of(), at(25));
        assertThat(late.after()).contains(Duration.ZERO);
        assertThat(said(late))
                .isEqualTo("Ben and Cy still ride the sizes on the ground: best now, as this block ends.");
        assertThat(MoveMoment.during(lesson().withAway("ben", true), "1", List.of(7.2), "ada", List.of(), at(6))
                        .others())
                .isEmpty();
    }

    @Test
    void withoutARunningOrderItAsks() {
        assertThat(said(MoveMoment.without(List.of("ada", "ben", "cy"))))
                .isEqualTo("Ada, Ben and Cy rode these sizes today: ask, or move them at the next rest.");
        assertThat(said(MoveMoment.without(List.of()))).contains("before the next turn");
    }

    private static LessonRun ridden(String rider, String station, Side side, Instant at) {
        return new LessonRun(rider, station, Optional.empty(), Optional.of(side), at);
    }
}
