package wrenlane.setup;

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

class WalkingOrderTest {
    private static final Point STACK = new Point(0, 0);

    private static Point place(SplittableRandom random) {
        return new Point(random.nextDouble(0, 30), random.nextDouble(-10, 10));
    }

    private static List<Point> places(SplittableRandom random, int count) {
        return IntStream.range(0, count).mapToObj(i -> place(random)).toList();
    }

    private static double walked(List<Point> places, List<Integer> order) {
        double sum = 0;
        Point at = STACK;
        for (int i : order) {
            sum += at.distanceTo(places.get(i));
            at = places.get(i);
        }
        return sum;
    }

    /** Every order, one after the other. */
    private static double bruteForce(List<Point> places, List<Integer> begun) {
        if (begun.size() == places.size()) {
            return walked(places, begun);
        }
        double best = Double.POSITIVE_INFINITY;
        for (int i = 0; i < places.size(); i++) {
            if (!begun.contains(i)) {
                List<Integer> longer = new ArrayList<>(begun);
                longer.add(i);
                best = Math.min(best, bruteForce(places, longer));
            }
        }
        return best;
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void isTheShortestThereIs(int count) {
        for (int seed = 0; seed < 5; seed++) {
            List<Point> places = places(new SplittableRandom(100L * count + seed), count);
            WalkingOrder order = WalkingOrder.from(STACK, places);
            assertThat(order.walkedMetres()).isCloseTo(bruteForce(places, List.of()), within(1e-9));
            assertThat(walked(places, order.order())).isCloseTo(order.walkedMetres(), within(1e-9));
        }
    }

    /** Too many to weigh up every order: each once, and no exchange of two shortens the walk. */
    @ParameterizedTest
    @ValueSource(ints = {12, 20, 40, 60})
    void walksManyPlacesOnceEachAndNoExchangeOfNeighboursIsShorter(int count) {
        List<Point> places = places(new SplittableRandom(count), count);
        WalkingOrder order = WalkingOrder.from(STACK, places);
        assertThat(order.order())
                .containsExactlyInAnyOrderElementsOf(
                        IntStream.range(0, count).boxed().toList());
        assertThat(walked(places, order.order())).isCloseTo(order.walkedMetres(), within(1e-9));
        List<Integer> asListed = IntStream.range(0, count).boxed().toList();
        assertThat(order.walkedMetres()).isLessThanOrEqualTo(walked(places, asListed) + 1e-9);
        for (int i = 0; i + 1 < count; i++) {
            List<Integer> other = new ArrayList<>(order.order());
            other.set(i, order.order().get(i + 1));
            other.set(i + 1, order.order().get(i));
            assertThat(walked(places, other)).isGreaterThanOrEqualTo(order.walkedMetres() - 1e-9);
        }
    }

    /** Cones in a row are walked from one end to the other, whatever order they are listed in. */
    @Test
    void walksARowFromEndToEnd() {
        List<Point> row = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            row.add(new Point(1 + i * 7 % 30, 0));
        }
        assertThat(WalkingOrder.from(STACK, row).walkedMetres()).isCloseTo(30, within(1e-9));
    }

    /** 22 m at 1.1 m/s; two cones laid by tape at 25 s each: 70 s; picked up at 6 s each: 32 s. */
    @Test
    void computesTheMinutes() {
        WalkingOrder order = WalkingOrder.from(STACK, List.of(new Point(10, 0), new Point(22, 0)));
        assertThat(order.minutes()).isCloseTo(70 / 60.0, within(1e-9));
        assertThat(order.pickingMinutes()).isCloseTo(32 / 60.0, within(1e-9));
        assertThat(WalkingOrder.from(STACK, List.of()).minutes()).isZero();
    }
}
