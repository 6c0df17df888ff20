package wrenlane.course.plan;

/** What a cone tells the rider. */
public enum ConeRole {
    /** Where the machine comes in. */
    ENTRY,
    /** Where it goes out. */
    EXIT,
    /** A corner the turn is seen against. */
    CORNER,
    /** Marks a line on its way. */
    EDGE,
    /** What is ridden round, or passed on a given side. */
    TURN,
    /** One of a pair ridden between. */
    GATE,
    /** The middle of a ring, to look across. */
    CENTRE
}
