package wrenlane.setout;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import wrenlane.plane.Point;

/**
 * An order in which a list of places is walked, starting from one place and ending anywhere, with little walking.
 *
 * <p>Up to {@link #EXACT} places the order is the best there is, by dynamic programming over subsets (Held and Karp,
 * 1962). Above, it starts at the nearest place each time, or from the order given, and is then improved until neither turning a stretch round nor
 * moving a stretch of up to three places elsewhere shortens it.
 *
 * @param order numbers of the places, in the order they are walked
 * @param walkedMetres from the start to the last place
 * @param minutes an estimate of the time it takes to lay a cone by tape at each
 */
public record WalkingOrder(List<Integer> order, double walkedMetres, double minutes) {
    /** Most places for which every order is weighed up. */
    static final int EXACT = 11;

    /** Longest stretch that is moved elsewhere as a whole. */
    private static final int STRETCH = 3;

    private static final double GAIN = 1e-9;

    public WalkingOrder {
        order = List.copyOf(order);
    }

    /** Looks for an order of places from a start. */
    public static WalkingOrder from(Point start, List<Point> places) {
        int[] order = places.size() <= EXACT ? exact(start, places) : improved(start, places);
        double walked = between(start, places, order);
        return new WalkingOrder(
                Arrays.stream(order).boxed().toList(), walked, HandTime.minutes(walked, order.length, 0));
    }

    /** An estimate of the time it takes to pick up what stands at each place, in minutes. */
    public double pickingMinutes() {
        return HandTime.minutes(walkedMetres, 0, order.size());
    }

    /** Metres walked between places in an order. */
    private static double between(Point start, List<Point> places, int[] order) {
        double sum = 0;
        Point at = start;
        for (int i : order) {
            sum += at.distanceTo(places.get(i));
            at = places.get(i);
        }
        return sum;
    }

    /** best[set][last]: the least walking that comes to a set of places and ends with one of them. */
    private static int[] exact(Point start, List<Point> places) {
        int n = places.size();
        int all = (1 << n) - 1;
        double[][] best = new double[all + 1][n];
        int[][] before = new int[all + 1][n];
        for (double[] row : best) {
            Arrays.fill(row, Double.POSITIVE_INFINITY);
        }
        for (int i = 0; i < n; i++) {
            best[1 << i][i] = start.distanceTo(places.get(i));
        }
        for (int set = 1; set <= all; set++) {
            for (int last = 0; last < n; last++) {
                double here = best[set][last];
                if (!Double.isFinite(here)) {
                    continue;
                }
                for (int next = 0; next < n; next++) {
                    int with = set | 1 << next;
                    double there = here + places.get(last).distanceTo(places.get(next));
                    if (with != set && there < best[with][next]) {
                        best[with][next] = there;
                        before[with][next] = last;
                    }
                }
            }
        }
        int[] order = new int[n];
        int set = all;
        int last = 0;
        for (int i = 1; i < n; i++) {
            last = best[all][i] < best[all][last] ? i : last;
        }
        for (int place = n - 1; place >= 0; place--) {
            order[place] = last;
            int previous = before[set][last];
            set ^= 1 << last;
            last = previous;
        }
        return order;
    }

    /** From the nearest place each time, or from the order given where that comes out shorter: never longer than that. */
    private static int[] improved(Point start, List<Point> places) {
        int[] nearest = improved(start, places, nearestFirst(start, places));
        int[] given = improved(start, places, IntStream.range(0, places.size()).toArray());
        return between(start, places, given) < between(start, places, nearest) - GAIN ? given : nearest;
    }

    private static int[] improved(Point start, List<Point> places, int[] from) {
        int[] order = from;
        double length = between(start, places, order);
        boolean better = true;
        while (better) {
            better = false;
            for (int i = 0; i < order.length; i++) {
                for (int j = i; j < order.length; j++) {
                    for (int[] other : changed(order, i, j)) {
                        double now = between(start, places, other);
                        if (now < length - GAIN) {
                            order = other;
                            length = now;
                            better = true;
                        }
                    }
                }
            }
        }
        return order;
    }

    /** The orders with the stretch from i to j turned round, and with a short stretch from i moved behind j. */
    private static List<int[]> changed(int[] order, int i, int j) {
        List<int[]> changed = new ArrayList<>();
        if (j > i) {
            int[] turned = order.clone();
            for (int a = i, b = j; a < b; a++, b--) {
                turned[a] = order[b];
                turned[b] = order[a];
            }
            changed.add(turned);
        }
        for (int length = 1; length <= STRETCH; length++) {
            if (i + length <= j) {
                // The stretch goes behind j; and, the other way, the stretch that ends with j goes before i.
                changed.add(rotated(order, i, j, length));
                changed.add(rotated(order, i, j, j - i + 1 - length));
            }
        }
        return changed;
    }

    private static int[] rotated(int[] order, int i, int j, int by) {
        int[] rotated = order.clone();
        int size = j - i + 1;
        for (int k = 0; k < size; k++) {
            rotated[i + k] = order[i + (k + by) % size];
        }
        return rotated;
    }

    private static int[] nearestFirst(Point start, List<Point> places) {
        List<Integer> left = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            left.add(i);
        }
        int[] order = new int[places.size()];
        Point at = start;
        for (int place = 0; place < order.length; place++) {
            int nearest = 0;
            for (int k = 1; k < left.size(); k++) {
                if (at.distanceTo(places.get(left.get(k))) < at.distanceTo(places.get(left.get(nearest)))) {
                    nearest = k;
                }
            }
            order[place] = left.remove(nearest);
            at = places.get(order[place]);
        }
        return order;
    }
}
