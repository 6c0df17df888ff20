package wrenlane.run;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import wrenlane.finding.Finding;
import wrenlane.id.RunId;

/**
 * How a run came into the log, and what became of the entry.
 *
 * @param at when it was ridden, by the clock of the device; a correction keeps the time of what it corrects
 * @param simulated whether a virtual rider rode it
 * @param device the name of the device it was logged on; empty where it gave none
 * @param correction empty where it corrects nothing
 * @param withdrawal empty while it counts
 */
public record RunLog(
        Instant at,
        boolean simulated,
        String device,
        Optional<Correction> correction,
        Optional<Withdrawal> withdrawal) {
    /**
     * What a run corrects.
     *
     * @param at when the correction was made, by the clock of the device
     */
    public record Correction(RunId replaces, Instant at) {}

    /**
     * When a run was undone or corrected.
     *
     * @param device the name of the device that did; empty where it gave none
     */
    public record Withdrawal(Instant at, String device) {}

    /** How far the clock of a device may be ahead. */
    private static final Duration CLOCK_AHEAD = Duration.ofDays(1);

    /** Longest name of a device, in characters. */
    private static final int LONGEST_DEVICE = 40;

    /** When a run can have been ridden at the latest, by the clock of a device. */
    public static Instant latestAt(Instant now) {
        return now.plus(CLOCK_AHEAD);
    }

    /** What is wrong with the name of a device. */
    public static Optional<Finding> checkDevice(String name) {
        return name.length() <= LONGEST_DEVICE
                ? Optional.empty()
                : Optional.of(new Finding(
                        "device-name", "device", "A device's name is at most " + LONGEST_DEVICE + " characters long."));
    }

    /** An entry that corrects nothing and counts. */
    public static RunLog first(Instant at, boolean simulated, String device) {
        return new RunLog(at, simulated, device, Optional.empty(), Optional.empty());
    }

    /** The run it corrects. */
    public Optional<RunId> replaces() {
        return correction.map(Correction::replaces);
    }
}
