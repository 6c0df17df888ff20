package wrenlane.setup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.course.kind.CourseKinds;
import wrenlane.units.LengthSystem;

class DayOrderTest {
    private static final int HOLDS = Changeover.USUAL_STACK;

    private static List<SetupSheet> sheets(Random random, int n) {
        List<CourseKind> kinds = CourseKinds.all();
        List<SetupSheet> sheets = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            sheets.add(SetupSheet.of(Course.standard(kinds.get(random.nextInt(kinds.size()))), LengthSystem.METRIC));
        }
        return sheets;
    }

    private static double metres(List<SetupSheet> sheets, List<Integer> order) {
        return sum(sheets, order, Changeover::walkedMetres);
    }

    private static double minutes(List<SetupSheet> sheets, List<Integer> order) {
        return sum(sheets, order, Changeover::minutes);
    }

    private static double sum(List<SetupSheet> sheets, List<Integer> order, ToDoubleFunction<Changeover> of) {
        SetupSheet at = sheets.get(0).cleared();
        double sum = 0;
        for (int i : order) {
            sum += of.applyAsDouble(Changeover.between(at, sheets.get(i), SetupSheet.DATUM));
            at = sheets.get(i);
        }
        return sum + of.applyAsDouble(Changeover.between(at, sheets.get(0).cleared(), SetupSheet.DATUM));
    }

    private static void permute(List<Integer> rest, List<Integer> done, List<List<Integer>> all) {
        if (rest.isEmpty()) {
            all.add(List.copyOf(done));
        }
        for (Integer i : rest) {
            List<Integer> others = new ArrayList<>(rest);
            others.remove(i);
            List<Integer> more = new ArrayList<>(done);
            more.add(i);
            permute(others, more, all);
        }
    }

    /**
     * Every order of up to five courses, with and without some that keep theirs: the least walk, unless that takes longer than
     * the order listed; then the quickest, unless that is the longer walk; never one longer or slower than what is listed.
     */
    @Test
    void isTheBestOfAllOrdersThatKeepWhatHasToBeKept() {
        Random random = new Random(7);
        for (int n = 1; n <= 5; n++) {
            List<SetupSheet> sheets = sheets(random, n);
            List<List<Integer>> all = new ArrayList<>();
            List<Integer> listed = new ArrayList<>();
            for (int i = 0; i < n; i++) {
                listed.add(i);
            }
            permute(listed, List.of(), all);
            for (List<Integer> kept : List.of(List.<Integer>of(), listed.subList(0, n / 2 + 1), listed)) {
                DayOrder best = DayOrder.best(sheets, kept, SetupSheet.DATUM, HOLDS);
                List<List<Integer>> allowed =
                        all.stream().filter(order -> keeps(order, kept)).toList();
                Comparator<List<Integer>> shortest = Comparator.comparingDouble(o -> metres(sheets, o));
                Comparator<List<Integer>> quickest = Comparator.comparingDouble(o -> minutes(sheets, o));
                List<Integer> expected = Stream.of(shortest, quickest)
                        .map(by -> Collections.min(allowed, by))
                        .filter(o -> minutes(sheets, o) <= minutes(sheets, listed) + 1e-9
                                && metres(sheets, o) <= metres(sheets, listed) + 1e-9)
                        .findFirst()
                        .orElse(listed);
                assertThat(best.walkedMetres()).isCloseTo(metres(sheets, expected), within(1e-6));
                assertThat(best.minutes()).isLessThanOrEqualTo(best.listedMinutes() + 1e-9);
                assertThat(best.walkedMetres()).isCloseTo(metres(sheets, best.order()), within(1e-6));
                assertThat(best.order()).containsExactlyInAnyOrderElementsOf(listed);
                assertThat(keeps(best.order(), kept)).isTrue();
                assertThat(best.listedWalkedMetres()).isCloseTo(metres(sheets, listed), within(1e-6));
                assertThat(best.walkedMetres()).isLessThanOrEqualTo(best.listedWalkedMetres() + 1e-9);
            }
        }
    }

    private static boolean keeps(List<Integer> order, List<Integer> kept) {
        return order.stream().filter(kept::contains).toList().equals(kept);
    }

    @Test
    void twoBoxesThatShareTheirEntryLineSayHowManyConesStay() {
        Course wide = Course.standard(CourseKinds.uTurnBox());
        Course narrow = wide.with(wide.kind().ladder(), 6.0);
        DayOrder order = DayOrder.best(
                List.of(SetupSheet.of(wide, LengthSystem.METRIC), SetupSheet.of(narrow, LengthSystem.METRIC)),
                List.of(),
                SetupSheet.DATUM,
                HOLDS);
        assertThat(order.shared()).hasSize(1);
        assertThat(order.shared().get(0).cones()).isEqualTo(4);
    }

    @Test
    void refusesNoCoursesAndTooMany() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> DayOrder.best(List.of(), List.of(), SetupSheet.DATUM, HOLDS));
        List<SetupSheet> many = sheets(new Random(1), DayOrder.MOST + 1);
        assertThatIllegalArgumentException().isThrownBy(() -> DayOrder.best(many, List.of(), SetupSheet.DATUM, HOLDS));
    }
}
