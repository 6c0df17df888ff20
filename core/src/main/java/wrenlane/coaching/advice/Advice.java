package wrenlane.coaching.advice;

import wrenlane.finding.Said;

/**
 * Advice for the next run.
 *
 * @param move what to do
 * @param reason why, in one sentence
 */
public record Advice(Move move, Said reason) {
    /** What to do next. */
    public enum Move {
        TIGHTEN,
        HOLD,
        CUE,
        WIDEN,
        CHANGE_SIDE,
        /** The same, ridden more slowly. */
        SLOWER
    }

    /** The same again. */
    static Advice hold(Said reason) {
        return new Advice(Move.HOLD, reason);
    }
}
