package wrenlane.setout;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import wrenlane.course.plan.ConeSort;
import wrenlane.plane.Point;

/**
 * The walk of one person with a stack of markers in hand, who picks some up and lays others down on the way.
 *
 * <p>The one-commodity pick-up and delivery problem of Hernández-Pérez and Salazar-González (2004) with two commodities,
 * tall and flat, in one hand: markers of a sort are alike, so whatever is picked up may be laid down anywhere; the hand
 * never holds more than it can; at the stack as many as are wanted are taken or put back. The walk begins at the stack and
 * ends anywhere with empty hands.
 *
 * <p>Between two visits of the stack the hand has to begin with at least as many of each sort as the lowest sum of what was
 * picked up and laid down so far lacks, and the least is best, since more only fills the hand: so an order is judged in one
 * pass. Up to {@link #EXACT} stops the walk is the shortest there is, by dynamic programming over what is done, where one
 * is and what the hand holds ({@link EveryWalk}). Above, one is improved as far as it goes ({@link WalkSearch}).
 *
 * @param visits numbers of the stops in the order they are come to, {@link #STACK} for the stack
 * @param metres from the stack through all of them
 */
record StackWalk(List<Integer> visits, double metres) {
    /** In place of a stop's number: the stack. */
    static final int STACK = -1;

    /** Most stops for which every walk is weighed up. */
    static final int EXACT = 10;

    StackWalk {
        visits = List.copyOf(visits);
    }

    /**
     * A marker to pick up, or a mark to lay one down on.
     *
     * @param place along and across from the datum, in metres
     * @param pickUp else one is laid down
     */
    record Stop(Point place, ConeSort sort, boolean pickUp) {
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
        int[] best = stops.size() <= EXACT ? new EveryWalk(ground).shortest() : new WalkSearch(ground).shortest();
        return new StackWalk(
                Arrays.stream(best)
                        .map(i -> i == ground.stack() ? STACK : i)
                        .boxed()
                        .toList(),
                ground.metres(best));
    }

    /** How many of each sort the hand has to hold when it leaves the stack, and what is left at the end of a stretch. */
    record Hands(int tall, int flat, int tallLeft, int flatLeft, boolean possible) {
        /**
         * For stops done one after another without going to the stack between.
         *
         * @param holds most markers in hand
         */
        static Hands through(List<Stop> stretch, int holds) {
            int tall = 0;
            int flat = 0;
            int leastTall = 0;
            int leastFlat = 0;
            int most = 0;
            for (Stop s : stretch) {
                if (s.sort() == ConeSort.TALL) {
                    tall += s.change();
                } else {
                    flat += s.change();
                }
                leastTall = Math.min(leastTall, tall);
                leastFlat = Math.min(leastFlat, flat);
                most = Math.max(most, tall + flat);
            }
            return new Hands(
                    -leastTall, -leastFlat, tall - leastTall, flat - leastFlat, most - leastTall - leastFlat <= holds);
        }
    }

    /** Distances between all stops and the stack, which has the number after the last. */
    record Ground(List<Stop> stops, int holds, double[][] between) {
        /** In place of a stop's number: nothing comes after, and nothing is walked. */
        static final int NOWHERE = -2;

        Ground(Point stack, List<Stop> stops, int holds) {
            this(stops, holds, new double[stops.size() + 1][stops.size() + 1]);
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
                } else if (Hands.through(stretch, holds).possible()) {
                    stretch.clear();
                } else {
                    return false;
                }
            }
            Hands last = Hands.through(stretch, holds);
            return last.possible() && last.tallLeft() + last.flatLeft() == 0;
        }
    }
}
