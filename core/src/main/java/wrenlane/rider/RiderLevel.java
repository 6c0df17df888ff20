package wrenlane.rider;

/** How far a rider has come, with limits to start from: estimates, from practice. */
@SuppressWarnings("ImmutableEnumChecker") // a record of four doubles does not change
public enum RiderLevel {
    NOVICE(40, 20, 6, 12),
    DEVELOPING(60, 35, 5, 8),
    SKILLED(90, 60, 4, 3);

    private final RiderLimits limits;

    RiderLevel(double steeringDegreesPerSecond, double rollDegreesPerSecond, double lowestKmh, double reserveDegrees) {
        this.limits = new RiderLimits(
                Math.toRadians(steeringDegreesPerSecond),
                Math.toRadians(rollDegreesPerSecond),
                lowestKmh / 3.6,
                Math.toRadians(reserveDegrees));
    }

    /** The limits of this level. */
    public RiderLimits limits() {
        return limits;
    }
}
