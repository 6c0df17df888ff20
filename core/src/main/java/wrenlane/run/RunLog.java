package wrenlane.run;

import java.time.Instant;
import java.util.Optional;
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

    /** An entry that corrects nothing and counts. */
    public static RunLog first(Instant at, boolean simulated, String device) {
        return new RunLog(at, simulated, device, Optional.empty(), Optional.empty());
    }

    /** The run it corrects. */
    public Optional<RunId> replaces() {
        return correction.map(Correction::replaces);
    }
}
