package wrenlane.verdict;

import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import wrenlane.course.Course;
import wrenlane.rideline.LineTask;
import wrenlane.rideline.solve.LineNodes;
import wrenlane.rideline.solve.LineSearch;
import wrenlane.riding.Ride;
import wrenlane.riding.TurnLimits;

/**
 * The room a course leaves at one speed after another. A line found at one speed starts the search at the next.
 *
 * <p>Room over speed rises while lean is gained, for lean tightens the turn and needs speed, and falls where lean, grip or
 * quickness end: one hill. It is looked at on a grid of half a km/h from the slowest speed held: in steps of two km/h
 * until it falls off, then closer around the top.
 *
 * <p>The verdict and the speed window look at the same speeds: one scan serves both, and may be asked from several threads.
 */
public final class SpeedScan {
    /** Fastest looked at, in m/s: 25 km/h; beyond that no slow-riding course is ridden. */
    static final double FASTEST = 25 / 3.6;

    /** Half a km/h: nobody holds a speed closer. */
    private static final double STEP = 0.5 / 3.6;

    /** Steps of two km/h. */
    static final int COARSE = 4;

    /** Room that nobody tells apart while riding, in metres: the slower of two such speeds is the better. */
    static final double AS_GOOD_METRES = 0.05;

    /** Room that grows by less than this over two km/h is level, in metres: no top between is {@link #AS_GOOD_METRES} above. */
    private static final double FLAT_METRES = 0.01;

    /** Past the top by so much, the hill is over, in metres. */
    private static final double FALLEN_METRES = 0.1;

    /** So much room is little: every speed is looked at up to the one with the tightest turn, in metres. */
    private static final double LITTLE_METRES = 0.3;

    private final Course course;
    private final Ride ride;
    private final NavigableMap<Integer, SpeedSample> known = new TreeMap<>();
    private final int last;

    /** Speeds at which a line holds, though how much room there is was not asked. */
    private final NavigableMap<Integer, SpeedSample> holding = new TreeMap<>();

    /** What was found at a speed, in m/s. */
    record SpeedSample(int step, double speed, LineSearch.FoundLine found) {
        double clearance() {
            return found.holds() ? found.clearance() : Math.min(found.clearance(), -1e-6);
        }
    }

    /** Of a course for a ride; nothing is looked at until it is asked for. */
    public SpeedScan(Course course, Ride ride) {
        this.course = course;
        this.ride = ride;
        this.last = Math.max(0, (int) Math.floor((FASTEST - slowest()) / STEP));
    }

    /**
     * The speed with the most room on a course like one of which a line is known, each speed's line followed from the one
     * before. Narrow courses have a second, lower hill at the slowest speeds, so all are looked at.
     */
    static SpeedSample like(Course course, Ride ride, SpeedSample known) {
        SpeedScan scan = new SpeedScan(course, ride);
        SpeedSample best = scan.followed(known.step, known.found.nodes());
        for (int stride : new int[] {COARSE, -COARSE}) {
            LineNodes line = known.found.nodes();
            for (int step = known.step + stride; step >= 0 && step <= scan.last; step += stride) {
                SpeedSample there = scan.followed(step, line);
                line = there.found.nodes();
                best = there.clearance() > best.clearance() ? there : best;
            }
        }
        // A line followed from afar may lack centimetres: the top is looked at again, from the route too.
        return new SpeedScan(course, ride).topNear(best.step);
    }

    private SpeedSample topNear(int step) {
        SpeedSample best = at(step);
        for (int stride = COARSE / 2; stride > 0; stride /= 2) {
            int middle = best.step;
            best = better(best, middle - stride);
            best = better(best, middle + stride);
        }
        return best;
    }

    private SpeedSample followed(int step, LineNodes line) {
        SpeedSample seen = known.get(step);
        if (seen == null) {
            seen = new SpeedSample(step, speed(step), search(step).follow(line));
            known.put(step, seen);
        }
        return seen;
    }

    /** Slowest speed the rider holds, in m/s. */
    double slowest() {
        return ride.limits().lowestSpeedMetresPerSecond();
    }

    Course course() {
        return course;
    }

    Ride ride() {
        return ride;
    }

    synchronized SpeedSample atSlowest() {
        return at(0);
    }

    /** A speed with room and one without, with none between them that was looked at. */
    record Bracket(SpeedSample fits, SpeedSample lacks) {}

    /** The closest such speeds known between two of which one has room and the other has not, on one side of the hill. */
    synchronized Bracket bracket(SpeedSample fits, SpeedSample lacks) {
        NavigableMap<Integer, SpeedSample> all = new TreeMap<>(holding);
        all.putAll(known);
        NavigableMap<Integer, SpeedSample> between = fits.step < lacks.step
                ? all.subMap(fits.step, true, lacks.step, true)
                : all.subMap(lacks.step, true, fits.step, true).descendingMap();
        SpeedSample last = fits;
        for (SpeedSample seen : between.values()) {
            if (seen.clearance() < 0) {
                return new Bracket(last, seen);
            }
            last = seen;
        }
        return new Bracket(last, lacks);
    }

    /** The first speed looked at above one that leaves no room, if there is one. */
    synchronized Optional<SpeedSample> lostAbove(SpeedSample fits) {
        SpeedSample here = fits;
        while (here.step < last) {
            here = holdingAt(Math.min(last, here.step + COARSE), here);
            if (here.clearance() < 0) {
                return Optional.of(here);
            }
        }
        return Optional.empty();
    }

    /** A line at a speed, near one at another speed where there is one: as quick as can be, where only that is asked. */
    private SpeedSample holdingAt(int step, SpeedSample like) {
        SpeedSample seen = known.containsKey(step) ? known.get(step) : holding.get(step);
        if (seen != null) {
            return seen;
        }
        SpeedSample found = new SpeedSample(step, speed(step), search(step).near(like.found.nodes()));
        (found.found.holds() ? holding : known).put(step, found);
        return found;
    }

    /** The first step no slower than a speed in m/s. */
    int stepFrom(double speed) {
        return Math.min(last, Math.max(0, (int) Math.ceil((speed - slowest()) / STEP - ROUNDING)));
    }

    /** The last step no faster than a speed in m/s. */
    int stepTo(double speed) {
        return Math.min(last, Math.max(0, (int) Math.floor((speed - slowest()) / STEP + ROUNDING)));
    }

    /** Room at a step, in metres, to a centimetre or two. */
    synchronized double clearanceAt(int step) {
        return at(step).clearance();
    }

    /** What was found at the step nearest to a speed in m/s, the slower of two as near. */
    synchronized SpeedSample near(double speed) {
        return at(stepTo(speed + STEP / 2 - STEP * ROUNDING * 2));
    }

    private static final double ROUNDING = 1e-6;

    /** The speed of a step, in m/s. */
    double speed(int step) {
        return slowest() + step * STEP;
    }

    private LineSearch search(int step) {
        return new LineSearch(task(step));
    }

    private LineTask task(int step) {
        return LineTask.of(course, ride, speed(step));
    }

    /**
     * The speed a course is judged at: with the most room, or the slowest of those that leave nearly as much; never one
     * that leaves none where another leaves some.
     */
    synchronized SpeedSample judged() {
        SpeedSample coarse = roomiestOfCoarse();
        // Where the slowest speed leaves as much as any, it is the one, and the top need not be known closer.
        SpeedSample top = coarse.clearance() - at(0).clearance() < FLAT_METRES ? coarse : summit(coarse);
        double enough = top.clearance() - AS_GOOD_METRES;
        double asked = top.clearance() >= 0 ? Math.max(0, enough) : enough;
        int too = -1;
        int good = top.step;
        for (SpeedSample seen : known.headMap(top.step).values()) {
            if (seen.clearance() < asked) {
                too = seen.step;
            }
        }
        while (good - too > 1) {
            int middle = (good + too) / 2;
            if (at(middle).clearance() >= asked) {
                good = middle;
            } else {
                too = middle;
            }
        }
        return at(good);
    }

    /** The speed with the most room. */
    synchronized SpeedSample roomiest() {
        return summit(roomiestOfCoarse());
    }

    private SpeedSample summit(SpeedSample coarse) {
        return capped(coarse) ? coarse : topNear(coarse.step);
    }

    private SpeedSample roomiestOfCoarse() {
        SpeedSample best = at(0);
        for (int i = COARSE; i <= last && !capped(best); i += COARSE) {
            SpeedSample here = at(i);
            if (here.clearance() > best.clearance()) {
                best = here;
            } else if (fallen(here, best)) {
                break;
            }
        }
        return best;
    }

    /** Whether no faster speed leaves more room: where there is little, a tighter turn may yet be gained by leaning. */
    private boolean fallen(SpeedSample here, SpeedSample best) {
        boolean leansOn = tightest(here.step) > tightest(here.step - COARSE);
        return here.clearance() < best.clearance() - FALLEN_METRES && (best.clearance() > LITTLE_METRES || !leansOn);
    }

    /** The tightest turn ridden at a speed, to either side, in 1/m. */
    private double tightest(int step) {
        TurnLimits limits = task(step).limits();
        return Math.max(limits.left(), limits.right());
    }

    private SpeedSample better(SpeedSample best, int step) {
        return step >= 0 && step <= last && at(step).clearance() > best.clearance() ? at(step) : best;
    }

    private static boolean capped(SpeedSample at) {
        return at.clearance() >= LineSearch.MOST_CLEARANCE_METRES - AS_GOOD_METRES;
    }

    private SpeedSample at(int step) {
        SpeedSample seen = known.get(step);
        if (seen != null) {
            return seen;
        }
        SpeedSample found = new SpeedSample(step, speed(step), search(step).roomiestRoughly(nearest(step)));
        known.put(step, found);
        return found;
    }

    private @Nullable LineNodes nearest(int step) {
        Map.Entry<Integer, SpeedSample> below = known.floorEntry(step);
        Map.Entry<Integer, SpeedSample> above = known.ceilingEntry(step);
        if (below == null || above == null) {
            return below != null
                    ? below.getValue().found().nodes()
                    : above == null ? null : above.getValue().found().nodes();
        }
        return (step - below.getKey() <= above.getKey() - step ? below : above)
                .getValue()
                .found()
                .nodes();
    }
}
