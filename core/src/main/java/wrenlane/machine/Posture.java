package wrenlane.machine;

/** How the machine stands in a turn that is measured or computed. */
public enum Posture {
    /** Lean near zero, as when walked round at full lock. */
    UPRIGHT,
    /** Leaned as far as this machine is used. */
    LEANED
}
