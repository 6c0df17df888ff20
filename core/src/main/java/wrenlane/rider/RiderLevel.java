package wrenlane.rider;

/** How far a rider has come, with limits to start from: estimates, from practice. */
@SuppressWarnings("ImmutableEnumChecker") // a record of four doubles does not change
public enum RiderLevel {
    NOVICE(35, 15, 6, 10),
    DEVELOPING(55, 25, 4.5, 6),
    SKILLED(90, 40, 3, 3);

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
