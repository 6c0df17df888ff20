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
 * stand already cross well, on the side that walking with the yard at the left hand means. What nothing fixes is walked to,
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

    /** Every corner; what nothing fixes is walked to. */
    Point[] corners() {
        putFixed();
        while (firstOpen() < n) {
            int first = firstOpen();
            at[first] = walked(first, outline.corners().get(first - 1).back() ? -Math.PI / 4 : turnLeft(first - 1));
            putFixed();
        }
        return Arrays.stream(at).map(Objects::requireNonNull).toArray(Point[]::new);
    }

    /** The corners that one after another are fixed well by what is measured; nothing at the others. */
    @Nullable
    Point[] fixed() {
        putFixed();
        return at;
    }

    private void putFixed() {
        at[0] = new Point(0, 0);
        at[1] = new Point(side(0), 0);
        int put = 0;
        while (put < n) {
            put = n;
            for (int i = 2; i < n && put == n; i++) {
                if (at[i] == null) {
                    Point found = byLengths(i);
                    at[i] = found == null ? bySquare(i) : found;
                    put = at[i] == null ? n : i;
                }
            }
        }
    }

    private int firstOpen() {
        return IntStream.range(2, n).filter(i -> at[i] == null).findFirst().orElse(n);
    }

    private double side(int i) {
        return outline.sides().get((i + n) % n).metres();
    }

    /** A length from a corner that stands. */
    private record Reach(int from, Point at, double metres) {}

    /** Where the two lengths meet at corner i that cross most squarely; nothing where none cross well. */
    private @Nullable Point byLengths(int i) {
        List<Reach> reaches = reaches(i);
        Point best = null;
        double most = Bracing.LEAST_SINE;
        for (int a = 0; a < reaches.size(); a++) {
            for (Reach q : reaches.subList(a + 1, reaches.size())) {
                Reach p = reaches.get(a);
                Point there = TwoCircles.crossing(p.at, p.metres, q.at, q.metres, onTheLeft(p.from, q.from, i));
                double sine = Bracing.sine(p.at, there, q.at);
                if (sine > most) {
                    most = sine;
                    best = there;
                }
            }
        }
        return best;
    }

    /** The lengths that lead to a corner from corners that stand. */
    private List<Reach> reaches(int i) {
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
        return reaches;
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
    boolean onTheLeft(int p, int q, int k) {
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
