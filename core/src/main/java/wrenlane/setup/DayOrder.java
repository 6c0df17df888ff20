package wrenlane.setup;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import wrenlane.plane.Point;

/**
 * The order of a day's courses with the least changeover, that keeps some of them in the order given.
 *
 * <p>Each course is set up out of the one before, the first from the stack, and the last is cleared to it. The least sum
 * of metres walked is found exactly over all orders, by dynamic programming over subsets (Held and Karp, 1962); an order
 * counts only where every course comes after those it has to follow. Where that takes longer than the order given, the least
 * sum of minutes is found; where that is the longer walk, the order given stays.
 *
 * @param order numbers of the courses
 * @param walkedMetres for all changeovers, the first setup and the clearing
 * @param minutes an estimate for the same
 * @param listedWalkedMetres the same in the order given
 * @param listedMinutes the same in the order given
 * @param shared cones that stay where they are from one course to another, for each pair that shares any
 */
public record DayOrder(
        List<Integer> order,
        double walkedMetres,
        double minutes,
        double listedWalkedMetres,
        double listedMinutes,
        List<SharedPair> shared) {
    /** Most courses of which every order is weighed up. */
    public static final int MOST = 12;

    /**
     * Two courses that share cones in place.
     *
     * @param first number of a course
     * @param second number of a later one
     * @param cones how many stay
     */
    public record SharedPair(int first, int second, int cones) {}

    public DayOrder {
        order = List.copyOf(order);
        shared = List.copyOf(shared);
    }

    /** Changeovers between all courses; the last row and column are the cleared yard. */
    private record Costs(Changeover[][] change) {
        static Costs of(List<SetupSheet> sheets, Point stack, int holds) {
            List<SetupSheet> all = new ArrayList<>(sheets);
            all.add(sheets.get(0).cleared());
            Changeover[][] change = new Changeover[all.size()][all.size()];
            for (int i = 0; i < all.size(); i++) {
                for (int j = 0; j < all.size(); j++) {
                    change[i][j] = Changeover.between(all.get(i), all.get(j), stack, holds);
                }
            }
            return new Costs(change);
        }

        int cleared() {
            return change.length - 1;
        }

        double metres(int from, int to) {
            return change[from][to].walkedMetres();
        }

        double minutes(int from, int to) {
            return change[from][to].minutes();
        }

        double metres(List<Integer> order) {
            return along(order).stream().mapToDouble(Changeover::walkedMetres).sum();
        }

        double minutes(List<Integer> order) {
            return along(order).stream().mapToDouble(Changeover::minutes).sum();
        }

        private List<Changeover> along(List<Integer> order) {
            List<Changeover> changes = new ArrayList<>();
            int at = cleared();
            for (int next : order) {
                changes.add(change[at][next]);
                at = next;
            }
            changes.add(change[at][cleared()]);
            return changes;
        }
    }

    /**
     * The best order.
     *
     * @param sheets of the courses as they are listed, from one baseline; 1 to {@link #MOST}
     * @param inOrder numbers of courses that keep the order in which they stand here
     * @param stack where spare cones stand, along and across from the datum
     * @param holds most cones in hand
     * @throws IllegalArgumentException where there are no courses, or too many
     */
    public static DayOrder best(List<SetupSheet> sheets, List<Integer> inOrder, Point stack, int holds) {
        if (sheets.isEmpty() || sheets.size() > MOST) {
            throw new IllegalArgumentException(
                    "there are " + sheets.size() + " courses; a day's order has from 1 to " + MOST);
        }
        Costs costs = Costs.of(sheets, stack, holds);
        List<Integer> listed = new ArrayList<>();
        List<SharedPair> shared = new ArrayList<>();
        for (int i = 0; i < sheets.size(); i++) {
            listed.add(i);
            for (int j = i + 1; j < sheets.size(); j++) {
                int stay = (int) costs.change[i][j].conesThatStay();
                if (stay > 0) {
                    shared.add(new SharedPair(i, j, stay));
                }
            }
        }
        List<Integer> order = best(costs, listed, mustFollow(sheets.size(), inOrder));
        return new DayOrder(
                order, costs.metres(order), costs.minutes(order), costs.metres(listed), costs.minutes(listed), shared);
    }

    private static List<Integer> best(Costs costs, List<Integer> listed, int[] mustFollow) {
        return Stream.of(
                        least(costs::metres, costs.cleared(), mustFollow),
                        least(costs::minutes, costs.cleared(), mustFollow))
                .filter(order -> costs.metres(order) <= costs.metres(listed) + ROUNDING
                        && costs.minutes(order) <= costs.minutes(listed) + ROUNDING)
                .findFirst()
                .orElse(listed);
    }

    /** Rounding of sums of metres or minutes. */
    private static final double ROUNDING = 1e-9;

    /** What a changeover from one course to another costs. */
    @FunctionalInterface
    private interface Cost {
        double of(int from, int to);
    }

    /** For each course the set of those it has to follow, a bit each. */
    private static int[] mustFollow(int n, List<Integer> inOrder) {
        int[] before = new int[n];
        for (int i = 1; i < inOrder.size(); i++) {
            before[inOrder.get(i)] |= 1 << inOrder.get(i - 1);
        }
        return before;
    }

    /** least[set][last]: the least cost that sets up a set of courses and ends with one of them. */
    private static List<Integer> least(Cost cost, int cleared, int[] mustFollow) {
        int n = mustFollow.length;
        int all = (1 << n) - 1;
        double[][] least = new double[all + 1][n];
        int[][] before = new int[all + 1][n];
        for (double[] row : least) {
            Arrays.fill(row, Double.POSITIVE_INFINITY);
        }
        for (int set = 1; set <= all; set++) {
            for (int last = 0; last < n; last++) {
                int others = set & ~(1 << last);
                if ((set & (1 << last)) == 0 || (mustFollow[last] & ~others) != 0) {
                    continue;
                }
                if (others == 0) {
                    least[set][last] = cost.of(cleared, last);
                }
                for (int prior = 0; prior < n; prior++) {
                    double sum = least[others][prior] + cost.of(prior, last);
                    if ((others & (1 << prior)) != 0 && sum < least[set][last]) {
                        least[set][last] = sum;
                        before[set][last] = prior;
                    }
                }
            }
        }
        int last = 0;
        for (int i = 1; i < n; i++) {
            if (least[all][i] + cost.of(i, cleared) < least[all][last] + cost.of(last, cleared)) {
                last = i;
            }
        }
        List<Integer> order = new ArrayList<>();
        for (int set = all; set != 0; ) {
            order.add(0, last);
            int prior = before[set][last];
            set &= ~(1 << last);
            last = prior;
        }
        return order;
    }
}
