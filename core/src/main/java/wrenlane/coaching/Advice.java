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
        TIGHTEN("Tighten"),
        HOLD("Hold"),
        CUE("Say"),
        WIDEN("Widen"),
        CHANGE_SIDE("Change side");

        private final String label;

        Move(String label) {
            this.label = label;
        }

        /** As shown before the reason. */
        public String label() {
            return label;
        }
    }
}
