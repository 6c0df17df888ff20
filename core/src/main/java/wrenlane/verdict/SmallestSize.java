package wrenlane.verdict;

import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import wrenlane.course.Course;
import wrenlane.course.CourseDimension;
import wrenlane.course.plan.Pace;
import wrenlane.rideline.LineTask;
import wrenlane.rideline.solve.LineNodes;
import wrenlane.rideline.solve.LineSearch;
import wrenlane.riding.Ride;

/**
 * The smallest value of one dimension at which a course can still be ridden, all else as it is.
 *
 * <p>Found from the value the course has: a smaller setting is never easier. Every probe is a search with
 * its line ridden again, so the setting given has a line; 1 cm less has none that was found.
 *
 * @param metres the setting, a whole number of centimetres
 * @param smallestAllowed whether the dimension's own limit, or what contradicts it, ended the search, not the machine
 */
public record SmallestSize(double metres, boolean smallestAllowed) {
    private static final double STEP_METRES = 0.01;
    private static final double STRIDE = 1.25;

    /**
     * The tightest setting for a rider, at the speed that leaves the most room there; empty where none fits.
     *
     * <p>A tighter course may want another speed: the setting is looked for at the best speed of the course as it is set,
     * then again at the best speed of the setting found, until that changes nothing.
     */
    public static Optional<SmallestSize> of(Course course, CourseDimension dimension, Ride ride) {
        if (course.plan().route().pace() != Pace.ROLLING) {
            return at(course, dimension, ride, ride.limits().lowestSpeedMetresPerSecond());
        }
        SpeedScan.SpeedSample here = new SpeedScan(course, ride).roomiest();
        Optional<SmallestSize> found = at(course, dimension, ride, here.speed());
        for (int round = 0;
                round < MOST_ROUNDS && found.isPresent() && !found.get().smallestAllowed();
                round++) {
            SmallestSize best = found.get();
            Course tight = course.with(dimension, best.metres());
            SpeedScan.SpeedSample there = SpeedScan.like(tight, ride, here);
            Optional<SmallestSize> tighter = there.speed() == here.speed()
                    ? Optional.empty()
                    : at(tight, dimension, ride, there.speed()).filter(t -> t.metres() < best.metres());
            if (tighter.isEmpty()) {
                return found;
            }
            here = there;
            found = tighter;
        }
        return found;
    }

    /** Times that the best speed is looked for again; the third changed no setting by a centimetre. */
    private static final int MOST_ROUNDS = 3;

    private static Optional<SmallestSize> at(Course course, CourseDimension dimension, Ride ride, double speed) {
        return new Search(course, dimension, c -> LineTask.of(c, ride, speed)).tightest();
    }

    /**
     * The room over the setting is followed to where it is lost: false position between one that fits and one that does
     * not (the Illinois variant, which halves a stubborn end), each probe starting from the last line that fitted.
     */
    private static final class Search {
        private final Course course;
        private final CourseDimension dimension;
        private final Function<Course, LineTask> task;
        private @Nullable LineNodes fitted;
        private double fittedAt;

        Search(Course course, CourseDimension dimension, Function<Course, LineTask> task) {
            this.course = course;
            this.dimension = dimension;
            this.task = task;
        }

        Optional<SmallestSize> tightest() {
            double high = course.settings().of(dimension);
            double atHigh = clearance(high);
            while (atHigh < 0) {
                if (!valid(high * STRIDE)) {
                    return Optional.empty();
                }
                high *= STRIDE;
                atHigh = clearance(high);
            }
            double low = Math.max(high / STRIDE, high - FIRST_REACH * atHigh);
            double atLow = clearance(low);
            while (atLow >= 0) {
                high = low;
                atHigh = atLow;
                low = Math.max(high / STRIDE, high - FIRST_REACH * Math.max(atHigh, LEAST_STEP_METRES));
                atLow = clearance(low);
            }
            return Optional.of(between(low, atLow, high, atHigh));
        }

        private SmallestSize between(double from, double atFrom, double to, double atTo) {
            double low = from;
            double atLow = atFrom;
            double high = to;
            double atHigh = atTo;
            while (high - low > STEP_METRES / 2) {
                double share = Math.min(0.9, Math.max(0.1, -atLow / (atHigh - atLow)));
                double middle = low + share * (high - low);
                double at = clearance(middle);
                if (at >= 0) {
                    high = middle;
                    atHigh = at;
                    atLow /= 2;
                } else {
                    low = middle;
                    atLow = at;
                    atHigh /= 2;
                }
            }
            double whole = Math.ceil(high / STEP_METRES - 1e-9) * STEP_METRES;
            return new SmallestSize(Math.round(whole * 100) / 100.0, !valid(low));
        }

        private boolean valid(double x) {
            return dimension.check(x).isEmpty()
                    && course.settings().with(dimension, x).check(course.kind()).isEmpty();
        }

        /** Room at a setting; below zero where no line holds, and where the setting is not allowed. */
        private double clearance(double x) {
            if (!valid(x)) {
                return -LEAST_STEP_METRES;
            }
            LineNodes like = Math.abs(x - fittedAt) < LIKE_SHARE * x ? fitted : null;
            LineSearch.FoundLine found = new LineSearch(task.apply(course.with(dimension, x))).roomiestAlong(like);
            if (found.holds()) {
                fitted = found.nodes();
                fittedAt = x;
                return found.clearance();
            }
            return Math.min(found.clearance(), -1e-4);
        }

        /** A setting shrinks by about so much of the room before it is lost: two lines, and a front that swings out. */
        private static final double FIRST_REACH = 2.2;

        /** A setting within this share of one that fitted is looked for from its line. */
        private static final double LIKE_SHARE = 0.03;

        private static final double LEAST_STEP_METRES = 0.05;
    }
}
