package wrenlane.drill;

/**
 * How a drill is logged, and when it is mastered.
 *
 * @param timedRide how long it is ridden without a break at most
 */
public record DrillScoring(PassMark pass, LogEntry loggedBy, TimedRideLimit timedRide) {
    /** What one entry in the log is. */
    public enum LogEntry {
        RUN,
        TIMED_RIDE,
        SCORE
    }
}
