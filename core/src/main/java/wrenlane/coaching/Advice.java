package wrenlane.coaching;

/**
 * Advice for the next run.
 *
 * @param move what to do
 * @param reason why, in one sentence
 */
public record Advice(Move move, String reason) {
    /** What to do next. */
    public enum Move {
        TIGHTEN,
        HOLD,
        CUE,
        WIDEN,
        CHANGE_SIDE
    }
}
