package wrenlane.verdict;

import java.util.ArrayList;
import java.util.List;
import wrenlane.course.CourseKind.Turning;
import wrenlane.riding.Ride;

/**
 * The speeds to ride a course at; whether it fits is judged elsewhere, at the speed with the most clearance.
 *
 * <p>Looked at are speeds half a km/h apart within the window. Those are good whose clearance is within
 * {@value #GIVEN_METRES} m of the best, or above {@value #PLENTY_METRES} m, without a gap around the best. Of these the ones
 * between 8 and 13 km/h are taken, where there are any: practised people ride and teach turns there, fast enough to lean. What
 * is recommended lies within 1.5 km/h of the middle of the window. Kinds that are ridden straight on are about riding slowly:
 * there it is the slow end. An estimate.
 *
 * @param slowest m/s
 * @param fastest m/s
 * @param leanRadians of the line drawn at the middle of both, where it leans furthest
 */
public record RecommendedSpeed(double slowest, double fastest, double leanRadians) {
    static final double GIVEN_METRES = 0.1;
    static final double PLENTY_METRES = 0.5;

    /** Speeds of weaves, circles and U-turns in practice, in m/s: 8 to 13 km/h. */
    private static final double TURNS_FROM = 8 / 3.6;

    private static final double TURNS_TO = 13 / 3.6;

    /** Half the width of what is recommended, in m/s: 1.5 km/h. A speed held by feel strays as much. */
    private static final double HALF = 1.5 / 3.6;

    /** Rounding of speeds in m/s. */
    private static final double SAME = 1e-9;

    /** The middle, in m/s. */
    public double middle() {
        return (slowest + fastest) / 2;
    }

    /**
     * What is recommended within a window.
     *
     * @param from slowest speed at which the course fits, m/s
     * @param to fastest, m/s
     */
    static RecommendedSpeed within(SpeedScan scan, double from, double to) {
        double[] band = scan.course().kind().turning() == Turning.STRAIGHT
                ? new double[] {from, Math.min(to, from + HALF)}
                : band(good(scan, from, to), (from + to) / 2);
        double middle = (band[0] + band[1]) / 2;
        Ride ride = scan.ride();
        double lean = CourseFit.dragged(scan.course(), ride, middle, LineChoice.COMFORTABLE, null)
                .fit()
                .leanRadians();
        return new RecommendedSpeed(band[0], band[1], lean);
    }

    private static double[] band(List<Double> good, double middleOfWindow) {
        List<Double> usual = good.stream()
                .filter(v -> v >= TURNS_FROM - SAME && v <= TURNS_TO + SAME)
                .toList();
        List<Double> taken = usual.isEmpty() ? good : usual;
        double first = taken.get(0);
        double last = taken.get(taken.size() - 1);
        double centre = last - first <= 2 * HALF
                ? (first + last) / 2
                : Math.min(last - HALF, Math.max(first + HALF, middleOfWindow));
        return new double[] {Math.max(first, centre - HALF), Math.min(last, centre + HALF)};
    }

    /** The good speeds around the best, on the grid, slowest first; never empty. */
    private static List<Double> good(SpeedScan scan, double from, double to) {
        int first = scan.stepFrom(from);
        int last = Math.max(first, scan.stepTo(to));
        int best = Math.min(last, Math.max(first, scan.roomiest().step()));
        double asked = Math.min(scan.roomAt(best) - GIVEN_METRES, PLENTY_METRES);
        List<Double> good = new ArrayList<>();
        int slow = edge(scan, best, first, asked);
        int fast = edge(scan, best, last, asked);
        for (int step = slow; step <= fast; step++) {
            good.add(scan.speed(step));
        }
        return good;
    }

    /** The last good step on the way from the best to an end: by strides, then by halving the stride that is good no more. */
    private static int edge(SpeedScan scan, int best, int end, double asked) {
        int way = end < best ? -1 : 1;
        int good = best;
        while (good != end) {
            int next = way * Math.min(way * end, way * good + SpeedScan.COARSE);
            if (scan.roomAt(next) >= asked) {
                good = next;
                continue;
            }
            while (Math.abs(next - good) > 1) {
                int middle = (next + good) / 2;
                if (scan.roomAt(middle) >= asked) {
                    good = middle;
                } else {
                    next = middle;
                }
            }
            return good;
        }
        return good;
    }
}
