package wrenlane.setup;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import wrenlane.setup.StackWalk.Ground;
import wrenlane.setup.StackWalk.Stop;

/**
 * The shortest walk of all with a stack in hand, for a few stops.
 *
 * <p>By dynamic programming over what is done, the last stop and what the hand holds after it (Held and Karp, 1962, with the
 * hand beside). From the stack one leaves with any hand; to the stack one comes with any. A hand never needs more of a
 * marker than there are stops of it, nor more than it holds; it is written as one number, a digit for each marker.
 */
final class ExactWalk {
    private static final int NONE = -1;

    /** Most stops, and most states, for which every walk is weighed up: some 12 MB; so ten stops of three markers are. */
    private static final int MOST_STOPS = 10;

    private static final long MOST_STATES = 1_000_000;

    private final Ground ground;
    private final int n;
    /** Most of each marker in hand, and what one of it is worth in the number of a hand. */
    private final int[] most;

    private final int[] worth;
    private final int hands;
    /** Least metres to a state; states with something left undone go before those with less. */
    private final double[] least;

    private final int[] before;

    ExactWalk(Ground ground) {
        this.ground = ground;
        this.n = ground.stops().size();
        this.most = most(ground);
        this.worth = new int[most.length];
        int all = 1;
        for (int m = 0; m < most.length; m++) {
            worth[m] = all;
            all *= most[m] + 1;
        }
        this.hands = all;
        int states = (1 << n) * (n + 1) * hands;
        this.least = new double[states];
        this.before = new int[states];
        Arrays.fill(least, Double.POSITIVE_INFINITY);
        Arrays.fill(before, NONE);
    }

    /** Whether there are few enough. */
    static boolean isPossible(Ground ground) {
        int n = ground.stops().size();
        if (n > MOST_STOPS) {
            return false;
        }
        long states = (1L << n) * (n + 1);
        for (int m : most(ground)) {
            states *= m + 1;
        }
        return states <= MOST_STATES;
    }

    private static int[] most(Ground ground) {
        int[] most = new int[ground.markers()];
        ground.stops().forEach(s -> most[s.marker()] = Math.min(most[s.marker()] + 1, ground.holds()));
        return most;
    }

    /** At the stack the hand is not told apart: it has none. */
    private int state(int done, int at, int hand) {
        return (done * (n + 1) + at) * hands + hand;
    }

    private int atStack(int done) {
        return state(done, n, 0);
    }

    private int of(int hand, int marker) {
        return hand / worth[marker] % (most[marker] + 1);
    }

    private int inAll(int hand) {
        int all = 0;
        for (int m = 0; m < most.length; m++) {
            all += of(hand, m);
        }
        return all;
    }

    int[] shortest() {
        least[atStack(0)] = 0;
        int all = (1 << n) - 1;
        for (int done = 0; done <= all; done++) {
            for (int at = 0; at < n; at++) {
                for (int hand = 0; hand < hands; hand++) {
                    int here = state(done, at, hand);
                    if (least[here] < Double.POSITIVE_INFINITY) {
                        reach(atStack(done), here, ground.metres(at, n));
                        goOn(done, at, here, hand);
                    }
                }
            }
            int stack = atStack(done);
            if (least[stack] < Double.POSITIVE_INFINITY) {
                for (int hand = 0; hand < hands; hand++) {
                    if (inAll(hand) <= ground.holds()) {
                        goOn(done, n, stack, hand);
                    }
                }
            }
        }
        int end = atStack(all);
        for (int at = 0; at < n; at++) {
            int empty = state(all, at, 0);
            end = least[empty] <= least[end] ? empty : end;
        }
        return walkTo(end);
    }

    /** From one place, with something in hand, to every stop that is not done. */
    private void goOn(int done, int at, int here, int hand) {
        int inAll = inAll(hand);
        for (int next = 0; next < n; next++) {
            Stop stop = ground.stops().get(next);
            int then = of(hand, stop.marker()) + stop.change();
            boolean possible = then >= 0 && then <= most[stop.marker()] && inAll + stop.change() <= ground.holds();
            if ((done & 1 << next) == 0 && possible) {
                int handThen = hand + stop.change() * worth[stop.marker()];
                reach(state(done | 1 << next, next, handThen), here, ground.metres(at, next));
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
