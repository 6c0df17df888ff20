package wrenlane.setout;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import wrenlane.course.plan.ConeSort;
import wrenlane.setout.StackWalk.Ground;
import wrenlane.setout.StackWalk.Stop;

/**
 * The shortest walk of all with a stack in hand, for a few stops.
 *
 * <p>By dynamic programming over what is done, the last stop and what the hand holds after it (Held and Karp, 1962, with the
 * hand beside). From the stack one leaves with any hand; to the stack one comes with any. A hand never needs more of a sort
 * than there are stops of that sort.
 */
final class EveryWalk {
    private static final int NONE = -1;

    private final Ground ground;
    private final int n;
    private final int mostTall;
    private final int mostFlat;
    private final int hands;
    /** Least metres to a state; states with something left undone go before those with less. */
    private final double[] least;

    private final int[] before;

    EveryWalk(Ground ground) {
        this.ground = ground;
        this.n = ground.stops().size();
        this.mostTall = most(ConeSort.TALL);
        this.mostFlat = most(ConeSort.FLAT);
        this.hands = (mostTall + 1) * (mostFlat + 1);
        int states = (1 << n) * (n + 1) * hands;
        this.least = new double[states];
        this.before = new int[states];
        Arrays.fill(least, Double.POSITIVE_INFINITY);
        Arrays.fill(before, NONE);
    }

    private int most(ConeSort sort) {
        long stops = ground.stops().stream().filter(s -> s.sort() == sort).count();
        return (int) Math.min(stops, ground.holds());
    }

    /** At the stack the hand is not told apart: it has none. */
    private int state(int done, int at, int tall, int flat) {
        return (done * (n + 1) + at) * hands + tall * (mostFlat + 1) + flat;
    }

    private int atStack(int done) {
        return state(done, n, 0, 0);
    }

    int[] shortest() {
        least[atStack(0)] = 0;
        int all = (1 << n) - 1;
        for (int done = 0; done <= all; done++) {
            for (int at = 0; at < n; at++) {
                for (int hand = 0; hand < hands; hand++) {
                    int here = (done * (n + 1) + at) * hands + hand;
                    if (least[here] < Double.POSITIVE_INFINITY) {
                        reach(atStack(done), here, ground.metres(at, n));
                        goOn(done, at, here, hand / (mostFlat + 1), hand % (mostFlat + 1));
                    }
                }
            }
            int stack = atStack(done);
            if (least[stack] < Double.POSITIVE_INFINITY) {
                leaveStack(done, stack);
            }
        }
        int end = atStack(all);
        for (int at = 0; at < n; at++) {
            int empty = state(all, at, 0, 0);
            end = least[empty] <= least[end] ? empty : end;
        }
        return walkTo(end);
    }

    private void leaveStack(int done, int stack) {
        for (int tall = 0; tall <= mostTall; tall++) {
            for (int flat = 0; flat <= mostFlat && tall + flat <= ground.holds(); flat++) {
                goOn(done, n, stack, tall, flat);
            }
        }
    }

    /** From one place, with something in hand, to every stop that is not done. */
    private void goOn(int done, int at, int here, int tall, int flat) {
        for (int next = 0; next < n; next++) {
            Stop stop = ground.stops().get(next);
            int tallThen = tall + (stop.sort() == ConeSort.TALL ? stop.change() : 0);
            int flatThen = flat + (stop.sort() == ConeSort.TALL ? 0 : stop.change());
            boolean possible = tallThen >= 0
                    && tallThen <= mostTall
                    && flatThen >= 0
                    && flatThen <= mostFlat
                    && tallThen + flatThen <= ground.holds();
            if ((done & 1 << next) == 0 && possible) {
                reach(state(done | 1 << next, next, tallThen, flatThen), here, ground.metres(at, next));
            }
        }
    }

    private void reach(int state, int from, double metres) {
        if (least[from] + metres < least[state]) {
            least[state] = least[from] + metres;
            before[state] = from;
        }
    }

    private int[] walkTo(int end) {
        List<Integer> walk = new ArrayList<>();
        for (int state = end; before[state] != NONE; state = before[state]) {
            walk.add(0, state / hands % (n + 1));
        }
        return walk.stream().mapToInt(Integer::intValue).toArray();
    }
}
