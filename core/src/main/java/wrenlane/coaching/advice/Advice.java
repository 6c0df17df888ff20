package wrenlane.coaching.advice;

import wrenlane.finding.Sentence;

/**
 * Advice for the next run.
 *
 * @param move what to do
 * @param reason why, in one sentence
 */
public record Advice(Move move, Sentence reason) {
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
    static Advice hold(Sentence reason) {
        return new Advice(Move.HOLD, reason);
    }
}
