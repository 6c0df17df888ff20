package wrenlane.progress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class DriftTest {
    private static List<List<Double>> lessons(double... means) {
        return DoubleStream.of(means).mapToObj(m -> List.of(m - 0.5, m + 0.5)).toList();
    }

    /** By hand: means 6, 7, 9, 10 over 0 … 3: slope 7/5 = 1.4; residuals 0.1, −0.3, 0.3, −0.1: √(0.2/2/5) = 0.1414. */
    @Test
    void agreesWithALineFittedByHand() {
        Drift drift = Drift.of(lessons(6, 7, 9, 10)).orElseThrow();
        assertThat(drift.perLesson()).isCloseTo(1.4, within(1e-9));
        assertThat(drift.spread().orElseThrow()).isCloseTo(0.141421, within(1e-6));
        assertThat(drift.first()).isEqualTo(6);
        assertThat(drift.last()).isEqualTo(10);
        assertThat(drift.least()).isEqualTo(9.5);
        assertThat(drift.most()).isEqualTo(10.5);
        assertThat(drift.measured()).isEqualTo(8);
        assertThat(drift.isClear()).isTrue();
    }

    @Test
    void fewLessonsSayNothingOfWhereItGoes() {
        assertThat(Drift.of(List.of())).isEmpty();
        assertThat(Drift.of(List.of(List.of(), List.of()))).isEmpty();
        Drift one = Drift.of(lessons(6)).orElseThrow();
        assertThat(one.perLesson()).isZero();
        assertThat(one.spread()).isEmpty();
        assertThat(Drift.of(lessons(6, 8)).orElseThrow().spread()).isEmpty();
        assertThat(Drift.of(lessons(6, 7, 8)).orElseThrow().isClear()).isFalse();
    }

    @Test
    void turnedRoundItGoesTheOtherWay() {
        List<List<Double>> there = lessons(6, 7, 9, 10, 8);
        List<List<Double>> back = new ArrayList<>(there);
        Collections.reverse(back);
        Drift forth = Drift.of(there).orElseThrow();
        Drift turned = Drift.of(back).orElseThrow();
        assertThat(turned.perLesson()).isCloseTo(-forth.perLesson(), within(1e-9));
        assertThat(turned.spread().orElseThrow()).isCloseTo(forth.spread().orElseThrow(), within(1e-9));
    }

    /** Of people who do not change, about one in ten of four lessons is called clear: Student's t at 2 degrees, 2.92. */
    @Test
    void chanceAloneIsCalledClearAboutOnceInTen() {
        SplittableRandom random = new SplittableRandom(4);
        long clear = IntStream.range(0, 4000)
                .mapToObj(i -> Drift.of(IntStream.range(0, 4)
                                .mapToObj(l -> List.of(8 + random.nextGaussian()))
                                .toList())
                        .orElseThrow())
                .filter(Drift::isClear)
                .count();
        assertThat(clear / 4000.0).isCloseTo(0.1, within(0.015));
    }
}
