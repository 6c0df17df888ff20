package wrenlane.rider;

/**
 * What a rider can ask of the machine and of themselves. Estimates, to be edited as a rider shows more or less.
 *
 * @param steeringRateRadiansPerSecond how fast the bars are turned
 * @param rollRateRadiansPerSecond how fast the machine is leaned
 * @param lowestSpeedMetresPerSecond slowest speed held feet-up
 * @param leanReserveRadians lean kept back from scraping
 * @param mostLeanRadians most lean of the machine used at walking pace, whatever the machine allows
 */
public record RiderLimits(
        double steeringRateRadiansPerSecond,
        double rollRateRadiansPerSecond,
        double lowestSpeedMetresPerSecond,
        double leanReserveRadians,
        double mostLeanRadians) {
    /**
     * Least and most that {@link #mostLeanRadians} of a rider may be set to, in radians: 5° and 45°, rounded outwards to the
     * three places that requests are held to. Chosen by us.
     */
    public static final double LEAST_LEAN_RADIANS = 0.087;

    public static final double GREATEST_LEAN_RADIANS = 0.786;

    public RiderLimits {
        positive("steeringRateRadiansPerSecond", steeringRateRadiansPerSecond);
        positive("rollRateRadiansPerSecond", rollRateRadiansPerSecond);
        positive("lowestSpeedMetresPerSecond", lowestSpeedMetresPerSecond);
        positive("leanReserveRadians", leanReserveRadians);
        if (!(mostLeanRadians >= LEAST_LEAN_RADIANS && mostLeanRadians <= GREATEST_LEAN_RADIANS)) {
            throw new IllegalArgumentException(
                    "mostLeanRadians is " + Math.toDegrees(mostLeanRadians) + "°; it lies between 5° and 45°");
        }
    }

    /** Most lean used on a machine that scrapes at a lean, both in radians: never nearer to it than the reserve. */
    public double mostLeanRadians(double scrapeLeanRadians) {
        return Math.min(mostLeanRadians, scrapeLeanRadians - leanReserveRadians);
    }

    /** The same for a rider who uses so much lean at most, in radians. */
    public RiderLimits withMostLean(double radians) {
        return new RiderLimits(
                steeringRateRadiansPerSecond,
                rollRateRadiansPerSecond,
                lowestSpeedMetresPerSecond,
                leanReserveRadians,
                radians);
    }

    private static void positive(String name, double value) {
        if (!(value > 0 && value < 20)) {
            throw new IllegalArgumentException(name + " is " + value + "; it lies above 0 and below 20 in SI units");
        }
    }
}
