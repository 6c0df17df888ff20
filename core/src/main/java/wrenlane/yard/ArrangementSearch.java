package wrenlane.yard;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import wrenlane.budget.BudgetSpentException;
import wrenlane.finding.Finding;
import wrenlane.plane.Point;
import wrenlane.riding.Ground;

/**
 * Puts courses down one after the other, the largest first. Each is tried turned along every side and row of bays, by
 * quarter turns, at every corner of the ground free for it ({@link FreeSpace} gives that exactly), those entered uphill
 * before others and those at the rim first; where the rest finds no place any more, the last is moved on. A way of placing
 * counts only where {@link GroundPlan#findings} has nothing against it.
 *
 * <p>The search is given up after {@link #MOST_TRIALS} trials, and tries the corners of the free ground only: a course
 * without a place is then not proved to have none.
 */
final class ArrangementSearch {
    /** Trials before the search is given up; chosen by us: a second or so. */
    static final int MOST_TRIALS = 250;

    /** Places of one course tried at one depth of the search; chosen by us, from random yards. */
    private static final int MOST_PLACES = 10;

    private final Yard yard;
    private final List<PlacedGround> fixed;
    private final List<CourseGround> wanted;
    private final List<Integer> largestFirst;
    private final Conflicts conflicts;
    private final AccessGround access;
    private final FreeSpace ground;
    private final FreeSpace peoplesGround;
    private final WaitingSpace wait;
    private final Set<Finding> known;
    private final Point middle;
    private final double freeSquareMetres;
    private boolean unfinished;
    private int trials;
    private int mostPlaced;
    private @Nullable CoursePlacement[] best;

    /** What has to be left for riders who wait. */
    enum WaitingSpace {
        /** A square two metres clear of everything that is ridden and its run-outs. */
        CLEAR,
        /** A square beside the run-outs. */
        BESIDE
    }

    ArrangementSearch(Yard yard, List<PlacedGround> fixed, List<CourseGround> wanted, WaitingSpace wait) {
        this.wait = wait;
        this.yard = yard;
        this.fixed = fixed;
        this.wanted = wanted;
        this.best = new CoursePlacement[wanted.size()];
        this.largestFirst = IntStream.range(0, wanted.size())
                .boxed()
                .sorted(Comparator.comparingDouble(i -> -area(i)))
                .toList();
        this.conflicts = new Conflicts(yard);
        this.access = new AccessGround(yard);
        this.ground = FreeSpace.of(yard).without(fixed);
        this.peoplesGround = wait == WaitingSpace.CLEAR ? FreeSpace.of(yard).forPeople(fixed) : ground;
        // What is wrong with courses that stand already is not the fault of those to be placed.
        this.known = new HashSet<>(new GroundPlan(yard, fixed).findings(false, conflicts, access, peoplesGround));
        Polygon outline = Shapes.polygon(yard.outline());
        this.middle = Shapes.at(outline.getCentroid().getCoordinate());
        this.freeSquareMetres = outline.getArea();
    }

    private double area(int which) {
        return wanted.get(which).withRunOut().areaSquareMetres();
    }

    /** The most courses that could be placed; no stand where none was found. */
    @Nullable
    CoursePlacement[] run() {
        try {
            place(0, ground, peoplesGround, new CoursePlacement[wanted.size()]);
        } catch (BudgetSpentException e) {
            unfinished = true;
        }
        return best;
    }

    /** Whether time ran out before the search was over. */
    boolean unfinished() {
        return unfinished;
    }

    /** Places the courses from a depth on; true once all stand. */
    private boolean place(int depth, FreeSpace free, FreeSpace people, @Nullable CoursePlacement[] stands) {
        if (depth == largestFirst.size()) {
            return mostPlaced == wanted.size();
        }
        if (!worthwhile(depth, stands)) {
            return false;
        }
        int which = largestFirst.get(depth);
        CourseGround course = wanted.get(which);
        for (CoursePlacement stand : places(course, free)) {
            if (trials++ >= MOST_TRIALS) {
                return false;
            }
            PlacedGround standing = course.at(stand);
            @Nullable CoursePlacement[] with = stands.clone();
            with[which] = stand;
            FreeSpace left = free.without(standing.runOutPolygon());
            FreeSpace toWait = wait == WaitingSpace.CLEAR ? people.without(standing.closedToPeople()) : left;
            // One more course never opens a way or leaves more room to wait: what is unsafe now stays so.
            if (conflicts.withSlipperyGround(standing).isEmpty()
                    && sound(with, toWait)
                    && place(depth + 1, left, toWait, with)) {
                return true;
            }
        }
        // Without this one the others may still all find a place.
        return place(depth + 1, free, people, stands);
    }

    /** Whether more courses could stand than in the best way known, if ground could be cut to measure. */
    private boolean worthwhile(int depth, @Nullable CoursePlacement[] stands) {
        double left = freeSquareMetres;
        int count = 0;
        for (int i = 0; i < stands.length; i++) {
            if (stands[i] != null) {
                left -= area(i);
                count++;
            }
        }
        for (int i = largestFirst.size() - 1; i >= depth && area(largestFirst.get(i)) <= left; i--) {
            left -= area(largestFirst.get(i));
            count++;
        }
        return count > mostPlaced;
    }

    /** Whether a way of placing has nothing against it; the best one is kept. */
    private boolean sound(@Nullable CoursePlacement[] stands, FreeSpace left) {
        List<PlacedGround> all = new ArrayList<>(fixed);
        for (int i = 0; i < stands.length; i++) {
            CoursePlacement stand = stands[i];
            if (stand != null) {
                all.add(wanted.get(i).at(stand));
            }
        }
        // A way downhill is weighed in the order of the places, not refused.
        boolean sound = new GroundPlan(yard, all)
                .findings(false, conflicts, access, left).stream()
                        .allMatch(f -> f.code().equals(GroundPlan.DOWNHILL) || known.contains(f));
        int placed = all.size() - fixed.size();
        if (sound && placed > mostPlaced) {
            mostPlaced = placed;
            best = stands;
        }
        return sound;
    }

    private List<CoursePlacement> places(CourseGround course, FreeSpace free) {
        Ground ground = course.withRunOut();
        double start = course.start().headingRadians();
        List<CoursePlacement> found = new ArrayList<>();
        for (double turn : free.turns()) {
            Geometry moves = free.moves(ground, turn);
            Arrays.stream(moves.getCoordinates())
                    .map(c -> new CoursePlacement(c.x, c.y, turn))
                    .forEach(found::add);
        }
        return found.stream()
                .distinct()
                .sorted(Comparator.<CoursePlacement>comparingDouble(
                                s -> Math.max(0, yard.fall().downhillPercent(s.turnRadians() + start)))
                        .thenComparingDouble(s -> -s.toYard(ground.middle()).distanceTo(middle))
                        .thenComparingDouble(CoursePlacement::turnRadians)
                        .thenComparingDouble(CoursePlacement::xMetres))
                .limit(MOST_PLACES)
                .toList();
    }
}
