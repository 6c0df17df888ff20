package wrenlane.setup;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import wrenlane.plane.Point;

/**
 * The walk of one person with a stack of markers in hand, who picks some up and lays others down on the way.
 *
 * <p>The one-commodity pick-up and delivery problem of Hernández-Pérez and Salazar-González (2004) with a commodity for
 * each marker, in one hand: markers of one name are alike, so whatever is picked up may be laid down anywhere; the hand
 * never holds more than it can; at the stack as many as are wanted are taken or put back. The walk begins at the stack and
 * ends anywhere with empty hands.
 *
 * <p>Between two visits of the stack the hand has to begin with at least as many of each marker as the lowest sum of what was
 * picked up and laid down so far lacks, and the least is best, since more only fills the hand: so an order is judged in one
 * pass. For a few stops the walk is the shortest there is, by dynamic programming over what is done, where one
 * is and what the hand holds ({@link ExactWalk}). Above, one is improved as far as it goes ({@link WalkSearch}).
 *
 * @param visits numbers of the stops in the order they are come to, {@link #STACK} for the stack
 * @param metres from the stack through all of them
 */
record StackWalk(List<Integer> visits, double metres) {
    /** In place of a stop's number: the stack. */
    static final int STACK = -1;

    StackWalk {
        visits = List.copyOf(visits);
    }

    /**
     * A marker to pick up, or a mark to lay one down on.
     *
     * @param place along and across from the datum, in metres
     * @param marker the number of the one there, from nought
     * @param pickUp else one is laid down
     */
    record Stop(Point place, int marker, boolean pickUp) {
        int change() {
            return pickUp ? 1 : -1;
        }
    }

    /**
     * Looks for the shortest walk.
     *
     * @param holds most markers in hand, at least 1
     */
    static StackWalk of(Point stack, List<Stop> stops, int holds) {
        if (stops.isEmpty()) {
            return new StackWalk(List.of(), 0);
        }
        Ground ground = new Ground(stack, stops, holds);
        int[] best =
                ExactWalk.isPossible(ground) ? new ExactWalk(ground).shortest() : new WalkSearch(ground).shortest();
        return new StackWalk(
                Arrays.stream(best)
                        .map(i -> i == ground.stack() ? STACK : i)
                        .boxed()
                        .toList(),
                ground.metres(best));
    }

    /** How many of each marker the hand has to hold when it leaves the stack, and what is left at the end of a stretch. */
    static final class Hands {
        private final int[] taken;
        private final int[] left;
        private final boolean possible;

        private Hands(int[] taken, int[] left, boolean possible) {
            this.taken = taken;
            this.left = left;
            this.possible = possible;
        }

        /**
         * For stops done one after another without going to the stack between.
         *
         * @param markers how many different ones there are
         * @param holds most in hand
         */
        static Hands through(List<Stop> stretch, int markers, int holds) {
            int[] sum = new int[markers];
            int[] lack = new int[markers];
            int inHand = 0;
            int most = 0;
            for (Stop s : stretch) {
                sum[s.marker()] += s.change();
                lack[s.marker()] = Math.max(lack[s.marker()], -sum[s.marker()]);
                inHand += s.change();
                most = Math.max(most, inHand);
            }
            int[] left = new int[markers];
            int takenInAll = 0;
            for (int m = 0; m < markers; m++) {
                left[m] = sum[m] + lack[m];
                takenInAll += lack[m];
            }
            return new Hands(lack, left, most + takenInAll <= holds);
        }

        /** Of a marker, on leaving the stack. */
        int taken(int marker) {
            return taken[marker];
        }

        boolean possible() {
            return possible;
        }

        boolean empty() {
            return Arrays.stream(left).allMatch(n -> n == 0);
        }
    }

    /** Distances between all stops and the stack, which has the number after the last. */
    record Ground(List<Stop> stops, int markers, int holds, double[][] between) {
        /** In place of a stop's number: nothing comes after, and nothing is walked. */
        static final int NOWHERE = -2;

        Ground(Point stack, List<Stop> stops, int holds) {
            this(
                    stops,
                    1 + stops.stream().mapToInt(Stop::marker).max().orElse(-1),
                    holds,
                    new double[stops.size() + 1][stops.size() + 1]);
            for (int i = 0; i <= stops.size(); i++) {
                for (int j = 0; j <= stops.size(); j++) {
                    between[i][j] = place(stack, i).distanceTo(place(stack, j));
                }
            }
        }

        private Point place(Point stack, int i) {
            return i == stops.size() ? stack : stops.get(i).place();
        }

        int stack() {
            return stops.size();
        }

        double metres(int from, int to) {
            return to == NOWHERE ? 0 : between[from][to];
        }

        double metres(int[] walk) {
            double metres = 0;
            int at = stack();
            for (int next : walk) {
                metres += between[at][next];
                at = next;
            }
            return metres;
        }

        /** Whether the hand can do it, and is empty at the end. */
        boolean canBe(int[] walk) {
            List<Stop> stretch = new ArrayList<>();
            for (int i : walk) {
                if (i != stack()) {
                    stretch.add(stops.get(i));
                } else if (hands(stretch).possible()) {
                    stretch.clear();
                } else {
                    return false;
                }
            }
            Hands last = hands(stretch);
            return last.possible() && last.empty();
        }

        /** What the hand has to hold on a stretch. */
        Hands hands(List<Stop> stretch) {
            return Hands.through(stretch, markers, holds);
        }
    }
}
