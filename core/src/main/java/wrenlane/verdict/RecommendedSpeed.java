package wrenlane.verdict;

/**
 * The speeds to ride a course at; whether it fits is judged elsewhere, at the speed with the most clearance.
 *
 * <p>Looked at are speeds half a km/h apart. Those are good whose clearance is within {@value #GIVEN_METRES} m of the best, or
 * above {@value #PLENTY_METRES} m, without a gap around the best. Of these the ones between 8 and 13 km/h are taken, where
 * there are any: practised people ride and teach turns there, fast enough to lean. What is recommended lies within 1.5 km/h of
 * their middle. Kinds that are ridden straight on are about riding slowly: there it is the slow end. An estimate.
 *
 * @param slowest m/s
 * @param fastest m/s
 */
public record RecommendedSpeed(double slowest, double fastest) {
    static final double GIVEN_METRES = 0.1;
    static final double PLENTY_METRES = 0.5;

    /** Speeds of weaves, circles and U-turns in practice, in m/s: 8 to 13 km/h. */
    private static final double TURNS_FROM = 8 / 3.6;

    private static final double TURNS_TO = 13 / 3.6;

    /** Half the width of what is recommended, in steps of half a km/h: a speed held by feel strays as much. */
    private static final int HALF = 3;

    /** The middle, in m/s. */
    public double middle() {
        return (slowest + fastest) / 2;
    }

    /** What is recommended on a course that fits at some speed. */
    static RecommendedSpeed of(SpeedScan scan) {
        Steps steps = scan.course().kind().isStraight() ? slowEnd(scan) : around(scan);
        return new RecommendedSpeed(scan.speed(steps.first()), scan.speed(steps.last()));
    }

    /** Steps of the scan, one after another. */
    private record Steps(int first, int last) {
        /** Those around the middle. */
        Steps narrowed() {
            int middle = (first + last) / 2;
            return new Steps(Math.max(first, middle - HALF), Math.min(last, middle + HALF));
        }
    }

    private static Steps slowEnd(SpeedScan scan) {
        int best = scan.roomiest().step();
        int first = edge(scan, best, 0, 0);
        return new Steps(first, edge(scan, first, Math.min(first + HALF, scan.stepTo(SpeedScan.FASTEST)), 0));
    }

    private static Steps around(SpeedScan scan) {
        SpeedScan.SpeedSample best = scan.roomiest();
        double asked = Math.max(0, Math.min(best.clearance() - GIVEN_METRES, PLENTY_METRES));
        int usualFrom = scan.stepFrom(TURNS_FROM);
        int usualTo = Math.max(usualFrom, scan.stepTo(TURNS_TO));
        int from = edge(scan, best.step(), Math.min(usualFrom, best.step()), asked);
        int to = edge(scan, best.step(), Math.max(usualTo, best.step()), asked);
        return from <= usualTo && to >= usualFrom
                ? new Steps(Math.max(from, usualFrom), Math.min(to, usualTo)).narrowed()
                : new Steps(
                                edge(scan, best.step(), 0, asked),
                                edge(scan, best.step(), scan.stepTo(SpeedScan.FASTEST), asked))
                        .narrowed();
    }

    /** The last good step on the way from the best to an end: by strides, then by halving the stride that is good no more. */
    private static int edge(SpeedScan scan, int best, int end, double asked) {
        int way = end < best ? -1 : 1;
        int good = best;
        while (good != end) {
            int next = way * Math.min(way * end, way * good + SpeedScan.COARSE);
            if (scan.clearanceAt(next) >= asked) {
                good = next;
                continue;
            }
            while (Math.abs(next - good) > 1) {
                int middle = (next + good) / 2;
                if (scan.clearanceAt(middle) >= asked) {
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
