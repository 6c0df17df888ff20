package wrenlane.server.platform.calculation;

/** Who goes first, and whom those after let pass between two pieces of work; within a rank, whoever came first. */
public enum Priority {
    /** Something is being dragged, and follows the hand. */
    DRAGGED,
    /** One answer that somebody looks at. */
    ONE,
    /** One of many: a row of a table, a size of a ladder. */
    MANY,
    /** Nobody waits for it yet. */
    LATER
}
