package wrenlane.yard;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import wrenlane.plane.Point;
import wrenlane.units.MeasuredLength;
import wrenlane.yard.MeasuredOutline.Diagonal;

/**
 * Which diagonals hold an outline whose sides and square corners leave it loose.
 *
 * <p>Corners are put down one after another as {@link OutlineGuess} does. Where nothing fixes the next, a corner to which a
 * length leads already gets a second one, a diagonal from another corner that stands; where no such does, one gets two. A
 * corner where two lengths cross at an angle γ is known across the poorer way to their error over sin γ; so the diagonal
 * is taken that crosses most squarely, which is never one that leads straight on.
 */
final class Bracing {
    /** Two lengths that meet by less than this sine fix nothing; chosen by us: there an error is ninefold. */
    static final double LEAST_SINE = 0.11;

    /**
     * What a diagonal counts for that leaves the yard on its way, as a share; chosen by us: beyond the outline there is
     * often a wall or a hedge, where no tape can be laid.
     */
    private static final double OUTSIDE_SHARE = 0.1;

    /** What two diagonals count for where one would do, as a share; chosen by us: taping one takes two people a while. */
    private static final double TWO_SHARE = 0.2;

    /** How far a diagonal may lie outside by rounding, in metres. */
    private static final double ROUNDING_METRES = 1e-6;

    private final MeasuredOutline outline;
    private final Point[] at;
    private final int n;
    private final Geometry yard;

    /**
     * @param outline as far as it is measured
     * @param at where its corners lie, roughly
     */
    Bracing(MeasuredOutline outline, Point[] at) {
        this.outline = outline;
        this.at = at;
        this.n = at.length;
        this.yard = Shapes.polygon(List.of(at)).buffer(ROUNDING_METRES);
    }

    /** The sine of the angle at a corner between the ways to two others. */
    static double sine(Point one, Point corner, Point other) {
        double cross =
                (one.x() - corner.x()) * (other.y() - corner.y()) - (one.y() - corner.y()) * (other.x() - corner.x());
        return Math.abs(cross) / Math.max(1e-12, corner.distanceTo(one) * corner.distanceTo(other));
    }

    /** The diagonals to measure besides, as long as they are drawn; none where nothing is loose. */
    List<Diagonal> wanted() {
        List<Diagonal> wanted = new ArrayList<>();
        List<Diagonal> all = new ArrayList<>(outline.diagonals());
        List<Diagonal> next = next(all);
        while (!next.isEmpty()) {
            wanted.addAll(next);
            all.addAll(next);
            next = next(all);
        }
        return wanted;
    }

    /** The diagonals that fix one corner more best, seldom more than one; none where all are fixed, or none would do. */
    private List<Diagonal> next(List<Diagonal> diagonals) {
        MeasuredOutline held = new MeasuredOutline(outline.sides(), outline.corners(), diagonals);
        OutlineGuess guess = new OutlineGuess(held);
        @Nullable Point[] fixed = guess.fixed();
        List<Diagonal> best = List.of();
        double most = 0;
        for (int corner = 0; corner < n; corner++) {
            for (int p = 0; p < n; p++) {
                for (int q = p + 1; q < n; q++) {
                    if (fixed[corner] != null || fixed[p] == null || fixed[q] == null) {
                        continue;
                    }
                    List<Diagonal> more = new ArrayList<>();
                    double sine = sine(at[p], at[corner], at[q]);
                    double worth = sine;
                    for (int from : List.of(p, q)) {
                        if (!leads(held, from, corner)) {
                            more.add(drawn(from, corner));
                            worth *= inside(from, corner) ? 1 : OUTSIDE_SHARE;
                        }
                    }
                    worth *= more.size() > 1 ? TWO_SHARE : 1;
                    if (worth > most && sine > LEAST_SINE && sided(guess, p, q, corner)) {
                        most = worth;
                        best = more;
                    }
                }
            }
        }
        return best;
    }

    private Diagonal drawn(int one, int other) {
        double metres = at[one].distanceTo(at[other]);
        return new Diagonal(Math.min(one, other), Math.max(one, other), MeasuredLength.drawn(metres));
    }

    /** Whether a side or diagonal leads from one corner to another. */
    private boolean leads(MeasuredOutline held, int from, int to) {
        return (from + 1) % n == to
                || (to + 1) % n == from
                || held.diagonals().stream()
                        .anyMatch(d -> d.from() == from && d.to() == to || d.from() == to && d.to() == from);
    }

    /** Whether a corner lies on that side of two others where it will be looked for. */
    private boolean sided(OutlineGuess guess, int p, int q, int corner) {
        boolean left = Orientation.index(Shapes.at(at[p]), Shapes.at(at[q]), Shapes.at(at[corner])) == Orientation.LEFT;
        return left == guess.onTheLeft(p, q, corner);
    }

    private boolean inside(int from, int to) {
        LineString line = Shapes.FACTORY.createLineString(new Coordinate[] {Shapes.at(at[from]), Shapes.at(at[to])});
        return yard.covers(line);
    }
}
