package wrenlane.yard;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import wrenlane.plane.Point;
import wrenlane.plane.TwoCircles;

/**
 * A first outline to adjust, near enough that the adjustment ends at the right one of several mirror images.
 *
 * <p>From A and B on, corners are put down one by one: along a square corner's arm, or where two lengths from corners that
 * stand already cross, on the side that walking with the yard at the left hand means. What nothing fixes is walked to,
 * turned by an equal share of the turn that is left.
 */
final class OutlineGuess {
    private final MeasuredOutline outline;
    private final int n;
    private final @Nullable Point[] at;

    OutlineGuess(MeasuredOutline outline) {
        this.outline = outline;
        this.n = outline.sides().size();
        this.at = new Point[n];
    }

    Point[] corners() {
        at[0] = new Point(0, 0);
        at[1] = new Point(side(0), 0);
        for (int i = 2; i < n; i++) {
            putOneMore();
        }
        return Arrays.stream(at).map(Objects::requireNonNull).toArray(Point[]::new);
    }

    private void putOneMore() {
        List<Integer> open =
                IntStream.range(2, n).filter(i -> at[i] == null).boxed().toList();
        for (int i : open) {
            Point found = byLengths(i);
            if (found == null) {
                found = bySquare(i);
            }
            if (found != null) {
                at[i] = found;
                return;
            }
        }
        int first = open.get(0);
        at[first] = walked(first, outline.corners().get(first - 1).back() ? -Math.PI / 4 : turnLeft(first - 1));
    }

    private double side(int i) {
        return outline.sides().get((i + n) % n).metres();
    }

    /** A length from a corner that stands. */
    private record Reach(int from, Point at, double metres) {}

    private @Nullable Point byLengths(int i) {
        List<Reach> reaches = new ArrayList<>();
        reach(reaches, (i + n - 1) % n, side(i - 1));
        reach(reaches, (i + 1) % n, side(i));
        for (MeasuredOutline.Diagonal d : outline.diagonals()) {
            if (d.from() == i) {
                reach(reaches, d.to(), d.length().metres());
            } else if (d.to() == i) {
                reach(reaches, d.from(), d.length().metres());
            }
        }
        if (reaches.size() < 2) {
            return null;
        }
        Reach p = reaches.get(0);
        Reach q = reaches.get(1);
        return TwoCircles.crossing(p.at, p.metres, q.at, q.metres, onTheLeft(p.from, q.from, i));
    }

    private void reach(List<Reach> reaches, int from, double metres) {
        Point there = at[from];
        if (there != null) {
            reaches.add(new Reach(from, there, metres));
        }
    }

    /**
     * Whether corner k lies to the left of the line from p to q: three corners in the order they are walked turn left,
     * unless they are neighbours and the middle one turns back into the yard.
     */
    private boolean onTheLeft(int p, int q, int k) {
        boolean inOrder = (n + q - p) % n < (n + k - p) % n;
        return inOrder != middleTurnsBack(p, q, k);
    }

    private boolean middleTurnsBack(int p, int q, int k) {
        List<Integer> three = List.of(p, q, k);
        return three.stream()
                .anyMatch(m -> outline.corners().get(m).back()
                        && three.contains((m + 1) % n)
                        && three.contains((m + n - 1) % n));
    }

    private @Nullable Point bySquare(int i) {
        Corner before = outline.corners().get(i - 1);
        if (before.square() && at[i - 1] != null && at[i - 2] != null) {
            return walked(i, Math.PI - before.interiorRadians());
        }
        Corner after = outline.corners().get((i + 1) % n);
        Point next = at[(i + 1) % n];
        Point beyond = at[(i + 2) % n];
        if (after.square() && next != null && beyond != null) {
            // The same arm, seen from the other side: walked backwards, left and right change over.
            double heading =
                    Math.atan2(next.y() - beyond.y(), next.x() - beyond.x()) - (Math.PI - after.interiorRadians());
            return stepped(next, heading, side(i));
        }
        return null;
    }

    /** The corner reached from the two before it by a turn. */
    private Point walked(int i, double turnRadians) {
        Point from = at[i - 1];
        Point before = at[i - 2];
        if (from == null || before == null) {
            throw new IllegalStateException("corner " + i + " is walked to before its neighbours stand");
        }
        double heading = Math.atan2(from.y() - before.y(), from.x() - before.x()) + turnRadians;
        return stepped(from, heading, side(i - 1));
    }

    private static Point stepped(Point from, double heading, double metres) {
        return new Point(from.x() + metres * Math.cos(heading), from.y() + metres * Math.sin(heading));
    }

    /** An equal share of the whole turn for each corner whose angle is not known. */
    private double turnLeft(int corner) {
        double left = 2 * Math.PI;
        int free = 0;
        for (Corner c : outline.corners()) {
            if (c.square()) {
                left -= Math.PI - c.interiorRadians();
            } else if (c.back()) {
                left += Math.PI / 4;
            } else {
                free++;
            }
        }
        return outline.corners().get(corner).square()
                ? Math.PI - outline.corners().get(corner).interiorRadians()
                : left / Math.max(1, free);
    }
}
