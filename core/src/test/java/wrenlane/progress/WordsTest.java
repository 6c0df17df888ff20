package wrenlane.progress;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import wrenlane.machine.Side;
import wrenlane.rider.RiderLevel;

/** What is said of estimates is no surer than they are. */
class WordsTest {
    private static CleanChance after(double clean, double faulty) {
        return CleanChance.of(RiderLevel.NOVICE, List.of(new Trial(0.4, clean, faulty, Instant.EPOCH)));
    }

    @Test
    void aChangeIsSaidOnlyWhereThereIsOne() {
        assertThat(new Change(0.04, 0.95, Trend.BETTER).words().toString())
                .isEqualTo("better by 4.0 points of difficulty, 95 % sure");
        assertThat(new Change(-0.125, 0.05, Trend.WORSE).words().toString())
                .isEqualTo("worse by 13 points of difficulty, 95 % sure");
        assertThat(new Change(0.01, 0.6, Trend.UNCLEAR).words().toString()).isEqualTo("no clear change");
        assertThat(Change.of(after(5, 5), after(5, 5)).words().toString()).isEqualTo("no clear change");
    }

    @Test
    void nothingIsWhollySure() {
        assertThat(new Change(0.2, 0.9999, Trend.BETTER).words().toString()).endsWith("99 % sure");
    }

    @Test
    void theSideBehindIsTheOneThatRidesEasierSizes() {
        SideGap gap = SideGap.of(after(9, 1), after(2, 8));
        assertThat(gap.behind()).isEqualTo(Side.RIGHT);
        assertThat(gap.difficulty()).isPositive();
        SideGap swapped = SideGap.of(after(2, 8), after(9, 1));
        assertThat(swapped).isEqualTo(new SideGap(Side.LEFT, gap.difficulty(), gap.certainty(), gap.clear()));
    }

    @Test
    void aSideIsCalledBehindOnlyWhereItIsClear() {
        assertThat(new SideGap(Side.RIGHT, 0.12, 0.92, true)
                        .sentence(Optional.of(0.8))
                        .toString())
                .isEqualTo("The right side is 0.80 m behind, 92 % sure: start on it, and alternate.");
        assertThat(new SideGap(Side.RIGHT, 0.12, 0.6, false)
                        .sentence(Optional.of(0.8))
                        .toString())
                .isEqualTo("No side is clearly behind: right by 0.80 m, 60 % sure.");
    }

    private static String lessons(double soonest, @Nullable Double likely, @Nullable Double latest) {
        return new Pace.Lessons(soonest, Optional.ofNullable(likely), Optional.ofNullable(latest)).sentence();
    }

    @Test
    void lessonsAreRoundedUpSinceNobodyRidesHalfOfOne() {
        assertThat(lessons(1.2, 2.1, 6.01)).isEqualTo("At this pace about 3 lessons, 2 to 7.");
        assertThat(lessons(0.1, 0.4, 0.9)).isEqualTo("At this pace about 1 lesson.");
        assertThat(lessons(2, 5.0, null))
                .isEqualTo("At this pace about 5 lessons, 2 at the soonest; it may take many more.");
        assertThat(lessons(9, null, null)).isEqualTo("Not at the pace of the last lessons.");
    }

    @Test
    void aGoalIsCountedInStepsAndDoneWhereItIsReached() {
        GoalGap far = new GoalGap(0.3, 3, 0.1, Optional.empty());
        assertThat(far.sentence()).isEqualTo("3 steps off.");
        assertThat(far.paceSentence()).isEqualTo("How many lessons cannot be said yet.");
        assertThat(new GoalGap(0.1, 1, 0.4, Optional.empty()).sentence()).isEqualTo("1 step off.");
        GoalGap reached = new GoalGap(0, 0, 0.9, Optional.empty());
        assertThat(reached.sentence()).isEqualTo("Reached.");
        assertThat(reached.paceSentence()).isEmpty();
    }
}
