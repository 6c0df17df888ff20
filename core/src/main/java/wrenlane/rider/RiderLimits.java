package wrenlane.rider;

/**
 * What a rider can ask of the machine and of themselves. Estimates, to be edited as a rider shows more or less.
 *
 * @param steeringRateRadiansPerSecond how fast the bars are turned
 * @param rollRateRadiansPerSecond how fast the machine is leaned
 * @param lowestSpeedMetresPerSecond slowest speed held feet-up
 * @param leanReserveRadians lean kept back from scraping
 */
public record RiderLimits(
        double steeringRateRadiansPerSecond,
        double rollRateRadiansPerSecond,
        double lowestSpeedMetresPerSecond,
        double leanReserveRadians) {

    public RiderLimits {
        positive("steeringRateRadiansPerSecond", steeringRateRadiansPerSecond);
        positive("rollRateRadiansPerSecond", rollRateRadiansPerSecond);
        positive("lowestSpeedMetresPerSecond", lowestSpeedMetresPerSecond);
        positive("leanReserveRadians", leanReserveRadians);
    }

    private static void positive(String name, double value) {
        if (!(value > 0 && value < 20)) {
            throw new IllegalArgumentException(name + " is " + value + "; it lies above 0 and below 20 in SI units");
        }
    }
}
