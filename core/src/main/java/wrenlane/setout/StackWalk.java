package wrenlane.setout;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
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
 * is and what the hand holds. Above, the better of two beginnings (each marker alone, and always to the nearest stop that
 * can be done) is improved until no stretch of up to three stops moved elsewhere, none turned round, and no visit of the
 * stack more or less makes it shorter.
 *
 * @param visits numbers of the stops in the order they are come to, {@link #STACK} for the stack
 * @param metres from the stack through all of them
 */
record StackWalk(List<Integer> visits, double metres) {
    /** In place of a stop's number: the stack. */
    static final int STACK = -1;

    /** Most stops for which every walk is weighed up. */
    static final int EXACT = 10;

    private static final int STRETCH = 3;
    private static final double GAIN = 1e-9;

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
        int[] best = stops.size() <= EXACT ? new EveryWalk(ground).shortest() : improved(ground);
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

    /** Each marker to be moved is carried alone, to the nearest mark; the rest to and from the stack. */
    private static int[] oneByOne(Ground ground) {
        List<Integer> walk = new ArrayList<>();
        List<Integer> left = all(ground);
        int at = ground.stack();
        while (!left.isEmpty()) {
            int first = nearest(ground, at, left, i -> true);
            left.remove(Integer.valueOf(first));
            Stop stop = ground.stops().get(first);
            if (!stop.pickUp()) {
                walk.add(ground.stack());
            }
            walk.add(first);
            at = first;
            if (stop.pickUp()) {
                int mark = nearest(
                        ground,
                        first,
                        left,
                        i -> !ground.stops().get(i).pickUp()
                                && ground.stops().get(i).sort() == stop.sort());
                walk.add(mark < 0 ? ground.stack() : mark);
                left.remove(Integer.valueOf(mark));
                at = mark < 0 ? ground.stack() : mark;
            }
        }
        walk.add(ground.stack());
        return walk.stream().mapToInt(Integer::intValue).toArray();
    }

    /** Always to the nearest stop that the hand allows, having left the stack with as many as are lacking on the whole. */
    private static int[] nearestFirst(Ground ground) {
        List<Integer> walk = new ArrayList<>();
        List<Integer> left = all(ground);
        List<Stop> stretch = new ArrayList<>();
        int at = ground.stack();
        while (!left.isEmpty()) {
            int next = nearest(ground, at, left, i -> {
                stretch.add(ground.stops().get(i));
                boolean possible = Hands.through(stretch, ground.holds()).possible();
                stretch.remove(stretch.size() - 1);
                return possible;
            });
            if (next < 0) {
                walk.add(ground.stack());
                stretch.clear();
                at = ground.stack();
            } else {
                walk.add(next);
                stretch.add(ground.stops().get(next));
                left.remove(Integer.valueOf(next));
                at = next;
            }
        }
        walk.add(ground.stack());
        return walk.stream().mapToInt(Integer::intValue).toArray();
    }

    private static List<Integer> all(Ground ground) {
        return new ArrayList<>(IntStream.range(0, ground.stops().size()).boxed().toList());
    }

    private static int nearest(Ground ground, int at, List<Integer> left, IntPredicate can) {
        return left.stream()
                .filter(can::test)
                .min((a, b) -> Double.compare(ground.between()[at][a], ground.between()[at][b]))
                .orElse(-1);
    }

    private static int[] improved(Ground ground) {
        int[] alone = improved(ground, oneByOne(ground));
        int[] nearest = improved(ground, nearestFirst(ground));
        return ground.metres(nearest) <= ground.metres(alone) ? nearest : alone;
    }

    /** Takes whatever makes the walk shorter until nothing does. */
    private static int[] improved(Ground ground, int[] first) {
        int[] walk = first;
        boolean better = true;
        while (better) {
            better = false;
            for (int i = 0; i < walk.length; i++) {
                int[] changed = improvedAt(ground, walk, i);
                better |= changed != walk;
                walk = changed;
            }
        }
        return walk;
    }

    /** A shorter walk by a change that begins at a place of it, or the same one. */
    private static int[] improvedAt(Ground ground, int[] walk, int i) {
        int[] without = removed(walk, i);
        if (walk[i] == ground.stack() && shorter(ground, without, walk)) {
            return without;
        }
        int[] with = inserted(walk, i, new int[] {ground.stack()});
        if (shorter(ground, with, walk)) {
            return with;
        }
        for (int j = i + 1; j < walk.length; j++) {
            if (turningGains(ground, walk, i, j)) {
                int[] turned = turned(walk, i, j);
                if (ground.canBe(turned)) {
                    return turned;
                }
            }
        }
        for (int length = 1; length <= STRETCH && i + length <= walk.length; length++) {
            int[] moved = moved(ground, walk, i, length);
            if (moved != walk) {
                return moved;
            }
        }
        return walk;
    }

    private static boolean shorter(Ground ground, int[] changed, int[] walk) {
        return ground.metres(changed) < ground.metres(walk) - GAIN && ground.canBe(changed);
    }

    private static int before(Ground ground, int[] walk, int i) {
        return i == 0 ? ground.stack() : walk[i - 1];
    }

    private static int after(int[] walk, int i) {
        return i + 1 < walk.length ? walk[i + 1] : Ground.NOWHERE;
    }

    private static boolean turningGains(Ground ground, int[] walk, int i, int j) {
        int before = before(ground, walk, i);
        int after = after(walk, j);
        return ground.metres(before, walk[j]) + ground.metres(walk[i], after)
                < ground.metres(before, walk[i]) + ground.metres(walk[j], after) - GAIN;
    }

    /** The walk with a stretch of it elsewhere, either way round, where that is shorter; else the same one. */
    private static int[] moved(Ground ground, int[] walk, int i, int length) {
        int[] stretch = Arrays.copyOfRange(walk, i, i + length);
        int[] rest = walk;
        for (int k = 0; k < length; k++) {
            rest = removed(rest, i);
        }
        int first = stretch[0];
        int last = stretch[length - 1];
        int after = i < rest.length ? rest[i] : Ground.NOWHERE;
        int before = before(ground, walk, i);
        double saved = ground.metres(before, first) + ground.metres(last, after) - ground.metres(before, after);
        for (int k = 0; k <= rest.length; k++) {
            int from = k == 0 ? ground.stack() : rest[k - 1];
            int to = k < rest.length ? rest[k] : Ground.NOWHERE;
            double straight = ground.metres(from, first) + ground.metres(last, to) - ground.metres(from, to);
            double round = ground.metres(from, last) + ground.metres(first, to) - ground.metres(from, to);
            if (straight < saved - GAIN) {
                int[] moved = inserted(rest, k, stretch);
                if (ground.canBe(moved)) {
                    return moved;
                }
            }
            if (round < saved - GAIN) {
                int[] moved = inserted(rest, k, turned(stretch, 0, length - 1));
                if (ground.canBe(moved)) {
                    return moved;
                }
            }
        }
        return walk;
    }

    private static int[] removed(int[] walk, int i) {
        int[] rest = new int[walk.length - 1];
        System.arraycopy(walk, 0, rest, 0, i);
        System.arraycopy(walk, i + 1, rest, i, rest.length - i);
        return rest;
    }

    private static int[] inserted(int[] walk, int at, int[] more) {
        int[] with = new int[walk.length + more.length];
        System.arraycopy(walk, 0, with, 0, at);
        System.arraycopy(more, 0, with, at, more.length);
        System.arraycopy(walk, at, with, at + more.length, walk.length - at);
        return with;
    }

    private static int[] turned(int[] walk, int i, int j) {
        int[] turned = walk.clone();
        for (int k = i; k <= j; k++) {
            turned[k] = walk[i + j - k];
        }
        return turned;
    }
}
