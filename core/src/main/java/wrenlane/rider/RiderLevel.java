package wrenlane.rider;

import java.util.Optional;

/** How far a rider has come, with limits to start from: estimates, from practice. */
@SuppressWarnings("ImmutableEnumChecker") // a record of doubles does not change
public enum RiderLevel {
    NOVICE(40, 20, 6, 8, 12),
    DEVELOPING(60, 35, 5, 5, 20),
    SKILLED(90, 60, 4, 3, 32);

    private final RiderLimits limits;

    RiderLevel(
            double steeringDegreesPerSecond,
            double rollDegreesPerSecond,
            double lowestKmh,
            double reserveDegrees,
            double mostLeanDegrees) {
        this.limits = new RiderLimits(
                Math.toRadians(steeringDegreesPerSecond),
                Math.toRadians(rollDegreesPerSecond),
                lowestKmh / 3.6,
                Math.toRadians(reserveDegrees),
                Math.toRadians(mostLeanDegrees));
    }

    /**
     * The limits of a rider of this level.
     *
     * @param mostLeanRadians most lean they use; the level's where missing
     */
    public RiderLimits limits(Optional<Double> mostLeanRadians) {
        return mostLeanRadians.map(limits::withMostLean).orElse(limits);
    }

    /** The limits of this level. */
    public RiderLimits limits() {
        return limits;
    }
}
