package wrenlane.setup;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import wrenlane.budget.Budget;
import wrenlane.setup.StackWalk.Ground;
import wrenlane.setup.StackWalk.Stop;

/**
 * A short walk with a stack in hand, for many stops: the better of two beginnings (each marker alone, and always to the
 * nearest stop that can be done) is improved until no stretch of up to three stops moved elsewhere, none turned round, and
 * no visit of the stack more or less makes it shorter.
 */
final class WalkSearch {
    private static final int STRETCH = 3;
    private static final double GAIN = 1e-9;

    private final Ground ground;

    WalkSearch(Ground ground) {
        this.ground = ground;
    }

    /** The better of both. */
    int[] shortest() {
        int[] alone = improved(oneByOne());
        int[] nearest = improved(nearestFirst());
        return ground.metres(nearest) <= ground.metres(alone) ? nearest : alone;
    }

    /** Each marker to be moved is carried alone, to the nearest mark; the rest to and from the stack. */
    private int[] oneByOne() {
        List<Integer> walk = new ArrayList<>();
        List<Integer> left = all();
        int at = ground.stack();
        while (!left.isEmpty()) {
            int first = nearest(at, left, i -> true);
            left.remove(Integer.valueOf(first));
            Stop stop = ground.stops().get(first);
            if (!stop.pickUp()) {
                walk.add(ground.stack());
            }
            walk.add(first);
            at = first;
            if (stop.pickUp()) {
                int mark = nearest(
                        first,
                        left,
                        i -> !ground.stops().get(i).pickUp()
                                && ground.stops().get(i).marker() == stop.marker());
                walk.add(mark < 0 ? ground.stack() : mark);
                left.remove(Integer.valueOf(mark));
                at = mark < 0 ? ground.stack() : mark;
            }
        }
        walk.add(ground.stack());
        return walk.stream().mapToInt(Integer::intValue).toArray();
    }

    /** Always to the nearest stop that the hand allows, having left the stack with as many as are lacking on the whole. */
    private int[] nearestFirst() {
        List<Integer> walk = new ArrayList<>();
        List<Integer> left = all();
        List<Stop> stretch = new ArrayList<>();
        int at = ground.stack();
        while (!left.isEmpty()) {
            int next = nearest(at, left, i -> {
                stretch.add(ground.stops().get(i));
                boolean possible = ground.hands(stretch).possible();
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

    private List<Integer> all() {
        return new ArrayList<>(IntStream.range(0, ground.stops().size()).boxed().toList());
    }

    private int nearest(int at, List<Integer> left, IntPredicate can) {
        return left.stream()
                .filter(can::test)
                .min((a, b) -> Double.compare(ground.between()[at][a], ground.between()[at][b]))
                .orElse(-1);
    }

    /** Takes whatever makes the walk shorter until nothing does. */
    private int[] improved(int[] first) {
        int[] walk = first;
        boolean better = true;
        while (better) {
            Budget.spend(1);
            better = false;
            for (int i = 0; i < walk.length; i++) {
                int[] changed = improvedAt(walk, i);
                better |= changed != walk;
                walk = changed;
            }
        }
        return walk;
    }

    /** A shorter walk by a change that begins at a place of it, or the same one. */
    private int[] improvedAt(int[] walk, int i) {
        if (walk[i] == ground.stack()) {
            int[] without = removed(walk, i);
            if (shorter(without, walk)) {
                return without;
            }
        }
        int[] with = inserted(walk, i, new int[] {ground.stack()});
        if (shorter(with, walk)) {
            return with;
        }
        for (int j = i + 1; j < walk.length; j++) {
            if (turningGains(walk, i, j)) {
                int[] turned = turned(walk, i, j);
                if (ground.canBe(turned)) {
                    return turned;
                }
            }
        }
        for (int length = 1; length <= STRETCH && i + length <= walk.length; length++) {
            int[] moved = moved(walk, i, length);
            if (moved != walk) {
                return moved;
            }
        }
        return walk;
    }

    private boolean shorter(int[] changed, int[] walk) {
        return ground.metres(changed) < ground.metres(walk) - GAIN && ground.canBe(changed);
    }

    private int before(int[] walk, int i) {
        return i == 0 ? ground.stack() : walk[i - 1];
    }

    private static int after(int[] walk, int i) {
        return i + 1 < walk.length ? walk[i + 1] : Ground.NOWHERE;
    }

    private boolean turningGains(int[] walk, int i, int j) {
        int before = before(walk, i);
        int after = after(walk, j);
        return ground.metres(before, walk[j]) + ground.metres(walk[i], after)
                < ground.metres(before, walk[i]) + ground.metres(walk[j], after) - GAIN;
    }

    /** The walk with a stretch of it elsewhere, either way round, where that is shorter; else the same one. */
    private int[] moved(int[] walk, int i, int length) {
        int[] stretch = Arrays.copyOfRange(walk, i, i + length);
        int[] rest = walk;
        for (int k = 0; k < length; k++) {
            rest = removed(rest, i);
        }
        int first = stretch[0];
        int last = stretch[length - 1];
        int after = i < rest.length ? rest[i] : Ground.NOWHERE;
        int before = before(walk, i);
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
