package wrenlane.budget;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import wrenlane.course.Course;
import wrenlane.course.kind.CourseKinds;
import wrenlane.machine.MachineClass;
import wrenlane.machine.MachineTurn;
import wrenlane.plane.Point;
import wrenlane.rider.RiderLevel;
import wrenlane.riding.Ride;
import wrenlane.verdict.CourseFit;
import wrenlane.yard.CourseGround;
import wrenlane.yard.Fall;
import wrenlane.yard.Surface;
import wrenlane.yard.Yard;
import wrenlane.yard.YardArrangement;

class BudgetTest {
    private static final Duration AMPLE = Duration.ofHours(1);

    @Test
    void withoutOneThereIsNoLimit() {
        assertThat(Budget.current()).isEmpty();
        Budget.spend(Long.MAX_VALUE);
        assertThat(Budget.isSpent()).isFalse();
    }

    @Test
    void workIsSpentToTheLastPiece() {
        Budget three = Budget.of(AMPLE, 3);
        Budget.within(three, () -> {
            Budget.spend(1);
            Budget.spend(2);
            assertThat(Budget.isSpent()).isFalse();
            assertThatThrownBy(() -> Budget.spend(1)).isInstanceOf(BudgetSpentException.class);
            return true;
        });
        assertThat(Budget.current()).isEmpty();
    }

    @Test
    void timeRunsOutWhateverTheWork() {
        assertThatThrownBy(() -> Budget.within(Budget.of(Duration.ZERO.minusMillis(1), 1_000), () -> {
                    Budget.spend(1);
                    return true;
                }))
                .isInstanceOf(BudgetSpentException.class);
    }

    @Test
    void aStoppedOneIsSpent() {
        Budget budget = Budget.of(AMPLE, 1_000);
        budget.stop();
        assertThat(Budget.within(budget, Budget::isSpent)).isTrue();
    }

    @Test
    void othersAreLetGoBeforeEachPieceOfWork() {
        AtomicInteger let = new AtomicInteger();
        Budget.within(Budget.of(AMPLE, 10, let::incrementAndGet), () -> {
            Budget.spend(3);
            Budget.spend(4);
            return Budget.isSpent();
        });
        assertThat(let).hasValue(2);
    }

    @Test
    void theOneBeforeHoldsAgainAfterwards() {
        Budget outer = Budget.of(AMPLE, 10);
        Budget.within(outer, () -> {
            Budget.within(Budget.of(AMPLE, 1), () -> true);
            assertThat(Budget.current()).contains(outer);
            return true;
        });
    }

    private static final Course BOX = Course.standard(CourseKinds.uTurnBox());

    @Test
    void aLineSearchEndsWithItsBudget() {
        Ride ride = Ride.firm(MachineTurn.computed(MachineClass.all().get(0).typical()), RiderLevel.SKILLED.limits());
        assertThatThrownBy(() -> Budget.within(Budget.of(AMPLE, 2), () -> CourseFit.of(BOX, ride)))
                .isInstanceOf(BudgetSpentException.class);
        assertThat(Budget.within(Budget.of(AMPLE, 10_000), () -> CourseFit.of(BOX, ride)))
                .isNotNull();
    }

    @Test
    void aSearchForPlacesKeepsTheBestItHasFound() {
        Yard yard = new Yard(
                List.of(new Point(0, 0), new Point(60, 0), new Point(60, 40), new Point(0, 40)),
                Surface.ASPHALT,
                new Fall(0, 0),
                List.of(),
                List.of(),
                Optional.empty());
        List<CourseGround> wanted = List.of(CourseGround.of("one", BOX), CourseGround.of("two", BOX));
        YardArrangement cut = Budget.within(Budget.of(AMPLE, 6), () -> YardArrangement.find(yard, List.of(), wanted));
        assertThat(cut.unfinished()).isTrue();
        assertThat(cut.findings()).allMatch(f -> f.code().equals("search-unfinished"));
        assertThat(cut.stands()).hasSize(2);
        YardArrangement whole =
                Budget.within(Budget.of(AMPLE, 10_000), () -> YardArrangement.find(yard, List.of(), wanted));
        assertThat(whole.unfinished()).isFalse();
        assertThat(whole.stands()).allMatch(Optional::isPresent);
    }
}
