package wrenlane.riding;

/** What keeps a machine and rider from turning tighter or sooner. */
public enum TurnLimit {
    /** The steering lock. */
    LOCK,
    /** The lean at which something scrapes, less the rider's reserve. */
    LEAN,
    /** The grip of the ground. */
    GRIP,
    /** How fast the rider turns the bars. */
    STEERING_RATE,
    /** How fast the rider leans the machine. */
    ROLL_RATE,
    /** The slowest the rider can hold the machine up. */
    BALANCE
}
