package wrenlane.rideline;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wrenlane.course.plan.Barrier;

/**
 * A line as found again by the {@link LineChecker}.
 *
 * @param line stepped through every 2 cm
 * @param clearances to everything kept clear of, in the course's order
 * @param steeringShare largest share of the curvature there is, either side
 * @param rateUsed largest share of the rate of curvature there is
 * @param endMissMetres how far the line misses where it has to begin or to end, in metres or radians
 * @param wrongBars largest curvature where the bars should be straight, or turned the other way, in 1/m
 */
public record CheckedLine(
        RideLine line,
        List<NearestClearance> clearances,
        double steeringShare,
        double rateUsed,
        double endMissMetres,
        double wrongBars) {
    /** A miss of an end smaller than this is none, in metres: rounding of sums. */
    static final double END_TOLERANCE_METRES = 1e-3;

    /** Bars this little out of straight are straight, in 1/m: a radius of ten kilometres. */
    static final double BARS_TOLERANCE = 1e-4;

    public CheckedLine {
        clearances = List.copyOf(clearances);
    }

    /** What of the machine comes nearest. */
    public enum Part {
        FRONT_WHEEL,
        REAR_WHEEL,
        /** The widest point. */
        BODY
    }

    /**
     * Room to one thing, at the nearest place.
     *
     * @param keep what is kept clear of
     * @param clearanceMetres left over, negative where it lacks
     * @param part what of the machine comes nearest
     * @param distanceMetres where along the line
     */
    public record NearestClearance(Barrier keep, double clearanceMetres, Part part, double distanceMetres) {}

    /**
     * The least room, and where; empty rooms never are: every course has something to keep clear of. What stands at an end
     * counts where it is touched.
     */
    public NearestClearance binding() {
        return clearances.stream()
                .filter(r -> !r.keep().atAnEnd() || r.clearanceMetres() < 0)
                .min(Comparator.comparingDouble(NearestClearance::clearanceMetres))
                .orElseThrow(() -> new IllegalStateException("a course without anything to keep clear of"));
    }

    /** The least room to what stands at the ends of the course; empty where nothing there is kept apart. */
    public Optional<NearestClearance> tightestEnd() {
        return clearances.stream()
                .filter(r -> r.keep().atAnEnd())
                .min(Comparator.comparingDouble(NearestClearance::clearanceMetres));
    }

    /** The point of the line at a distance along it, to the nearest step. */
    public LinePoint at(double distanceMetres) {
        int i = (int)
                Math.round(distanceMetres / line.lengthMetres() * (line.points().size() - 1));
        return line.points().get(Math.min(line.points().size() - 1, Math.max(0, i)));
    }

    /** Whether the line breaks no rule at all. */
    public boolean holds() {
        return binding().clearanceMetres() >= 0 && obeysTheRider();
    }

    /** Whether rider and machine can do it, whatever it touches. */
    public boolean obeysTheRider() {
        return steeringShare <= 1 && rateUsed <= 1 && keepsToTheWay();
    }

    /** Whether the line begins and ends where it should, with the bars as they should be there and on one-way stretches. */
    public boolean keepsToTheWay() {
        return endMissMetres <= END_TOLERANCE_METRES && wrongBars <= BARS_TOLERANCE;
    }
}
