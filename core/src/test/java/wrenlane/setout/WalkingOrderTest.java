package wrenlane.setout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wrenlane.plane.Point;
import wrenlane.setout.WalkingOrder.Errand;

class WalkingOrderTest {
    private static final Point STACK = new Point(0, 0);

    private static Point place(SplittableRandom random) {
        return new Point(random.nextDouble(0, 30), random.nextDouble(-10, 10));
    }

    private static List<Errand> errands(SplittableRandom random, int count) {
        return IntStream.range(0, count)
                .mapToObj(
                        i -> random.nextBoolean() ? Errand.at(place(random)) : new Errand(place(random), place(random)))
                .toList();
    }

    private static double walked(List<Errand> errands, List<Integer> order) {
        double sum = 0;
        Point at = STACK;
        for (int i : order) {
            sum += at.distanceTo(errands.get(i).from()) + errands.get(i).metres();
            at = errands.get(i).to();
        }
        return sum;
    }

    /** Every order, one after the other. */
    private static double bruteForce(List<Errand> errands, List<Integer> begun) {
        if (begun.size() == errands.size()) {
            return walked(errands, begun);
        }
        double best = Double.POSITIVE_INFINITY;
        for (int i = 0; i < errands.size(); i++) {
            if (!begun.contains(i)) {
                List<Integer> longer = new ArrayList<>(begun);
                longer.add(i);
                best = Math.min(best, bruteForce(errands, longer));
            }
        }
        return best;
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void isTheShortestThereIs(int count) {
        for (int seed = 0; seed < 5; seed++) {
            List<Errand> errands = errands(new SplittableRandom(100L * count + seed), count);
            WalkingOrder order = WalkingOrder.from(STACK, errands);
            assertThat(order.walkedMetres()).isCloseTo(bruteForce(errands, List.of()), within(1e-9));
            assertThat(walked(errands, order.order())).isCloseTo(order.walkedMetres(), within(1e-9));
        }
    }

    /** Too many to weigh up every order: each once, and no exchange of two errands shortens the walk. */
    @ParameterizedTest
    @ValueSource(ints = {12, 20, 40, 60})
    void walksManyErrandsOnceEachAndNoExchangeOfNeighboursIsShorter(int count) {
        List<Errand> errands = errands(new SplittableRandom(count), count);
        WalkingOrder order = WalkingOrder.from(STACK, errands);
        assertThat(order.order())
                .containsExactlyInAnyOrderElementsOf(
                        IntStream.range(0, count).boxed().toList());
        assertThat(walked(errands, order.order())).isCloseTo(order.walkedMetres(), within(1e-9));
        for (int i = 0; i + 1 < count; i++) {
            List<Integer> other = new ArrayList<>(order.order());
            other.set(i, order.order().get(i + 1));
            other.set(i + 1, order.order().get(i));
            assertThat(walked(errands, other)).isGreaterThanOrEqualTo(order.walkedMetres() - 1e-9);
        }
    }

    /** Cones in a row are walked from one end to the other, whatever order they are listed in. */
    @Test
    void walksARowFromEndToEnd() {
        List<Errand> row = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            row.add(Errand.at(new Point(1 + i * 7 % 30, 0)));
        }
        assertThat(WalkingOrder.from(STACK, row).walkedMetres()).isCloseTo(30, within(1e-9));
    }

    /** 22 m at 1.1 m/s and two cones at 8 s each: 36 s. */
    @Test
    void reckonsTheMinutes() {
        WalkingOrder order =
                WalkingOrder.from(STACK, List.of(Errand.at(new Point(10, 0)), Errand.at(new Point(22, 0))));
        assertThat(order.minutes()).isCloseTo(0.6, within(1e-9));
        assertThat(WalkingOrder.from(STACK, List.of()).minutes()).isZero();
    }
}
