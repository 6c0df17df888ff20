package wrenlane.setout;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import wrenlane.plane.Point;

/**
 * An order in which a list of errands is walked, starting from one place and ending anywhere, with little walking.
 *
 * <p>Up to {@link #EXACT} errands the order is the best there is, by dynamic programming over subsets (Held and Karp,
 * 1962). Above, it starts at the nearest errand each time and is then improved until neither turning a stretch round nor
 * moving a stretch of up to three errands elsewhere shortens it.
 *
 * @param order numbers of the errands, in the order they are walked
 * @param walkedMetres from the start to the last errand's end, the errands' own ways included
 * @param minutes an estimate of the time it takes
 */
public record WalkingOrder(List<Integer> order, double walkedMetres, double minutes) {
    /** Most errands for which every order is weighed up. */
    static final int EXACT = 11;

    /** Walking pace of someone with cones in hand, in m/s; an estimate of ours. */
    private static final double WALK_METRES_PER_SECOND = 1.1;

    /** Time to read a figure, find the mark and put a cone down or pick it up, in seconds; an estimate of ours. */
    private static final double HANDLING_SECONDS = 8;

    /** Longest stretch that is moved elsewhere as a whole. */
    private static final int STRETCH = 3;

    private static final double GAIN = 1e-9;

    public WalkingOrder {
        order = List.copyOf(order);
    }

    /**
     * Something to do on the ground: from where it begins to where it ends, as one carries a cone from a mark to another.
     *
     * @param from metres in any one system of axes
     * @param to where it ends; the same place for a cone only put down or picked up
     */
    public record Errand(Point from, Point to) {
        /** An errand at one place. */
        public static Errand at(Point place) {
            return new Errand(place, place);
        }

        double metres() {
            return from.distanceTo(to);
        }
    }

    /** Looks for an order of errands from a start. */
    public static WalkingOrder from(Point start, List<Errand> errands) {
        int[] order = errands.size() <= EXACT ? exact(start, errands) : improved(start, errands);
        double own = errands.stream().mapToDouble(Errand::metres).sum();
        double walked = own + between(start, errands, order);
        double seconds = walked / WALK_METRES_PER_SECOND + order.length * HANDLING_SECONDS;
        return new WalkingOrder(Arrays.stream(order).boxed().toList(), walked, seconds / 60);
    }

    /** Metres walked between errands in an order. */
    private static double between(Point start, List<Errand> errands, int[] order) {
        double sum = 0;
        Point at = start;
        for (int i : order) {
            sum += at.distanceTo(errands.get(i).from());
            at = errands.get(i).to();
        }
        return sum;
    }

    /** best[set][last]: the least walking that does a set of errands and ends with one of them. */
    private static int[] exact(Point start, List<Errand> errands) {
        int n = errands.size();
        int all = (1 << n) - 1;
        double[][] best = new double[all + 1][n];
        int[][] before = new int[all + 1][n];
        for (double[] row : best) {
            Arrays.fill(row, Double.POSITIVE_INFINITY);
        }
        for (int i = 0; i < n; i++) {
            best[1 << i][i] = start.distanceTo(errands.get(i).from());
        }
        for (int set = 1; set <= all; set++) {
            for (int last = 0; last < n; last++) {
                double here = best[set][last];
                if (!Double.isFinite(here)) {
                    continue;
                }
                for (int next = 0; next < n; next++) {
                    int with = set | 1 << next;
                    double there = here
                            + errands.get(last)
                                    .to()
                                    .distanceTo(errands.get(next).from());
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

    private static int[] improved(Point start, List<Errand> errands) {
        int[] order = nearestFirst(start, errands);
        double length = between(start, errands, order);
        boolean better = true;
        while (better) {
            better = false;
            for (int i = 0; i < order.length; i++) {
                for (int j = i; j < order.length; j++) {
                    for (int[] other : changed(order, i, j)) {
                        double now = between(start, errands, other);
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

    private static int[] nearestFirst(Point start, List<Errand> errands) {
        List<Integer> left = new ArrayList<>();
        for (int i = 0; i < errands.size(); i++) {
            left.add(i);
        }
        int[] order = new int[errands.size()];
        Point at = start;
        for (int place = 0; place < order.length; place++) {
            int nearest = 0;
            for (int k = 1; k < left.size(); k++) {
                if (at.distanceTo(errands.get(left.get(k)).from())
                        < at.distanceTo(errands.get(left.get(nearest)).from())) {
                    nearest = k;
                }
            }
            order[place] = left.remove(nearest);
            at = errands.get(order[place]).to();
        }
        return order;
    }
}
