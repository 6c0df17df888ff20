package wrenlane.course;

/** What a cone tells the rider. */
public enum ConeRole {
    /** Where the machine comes in. */
    ENTRY,
    /** Where it goes out. */
    EXIT,
    /** A corner the turn is seen against. */
    CORNER,
    /** Marks a line on its way. */
    EDGE
}
