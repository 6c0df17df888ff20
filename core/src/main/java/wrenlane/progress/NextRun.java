package wrenlane.progress;

/**
 * Advice for the next run.
 *
 * @param move what to do
 * @param reason why, in one line
 */
public record NextRun(Move move, String reason) {
    /** What to do next. */
    public enum Move {
        TIGHTEN,
        HOLD,
        WIDEN,
        CHANGE_SIDE
    }
}
