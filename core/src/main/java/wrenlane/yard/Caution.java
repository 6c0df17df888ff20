package wrenlane.yard;

import wrenlane.finding.Sentence;

/**
 * Something that could hurt a person, said where it matters.
 *
 * @param code stable, in kebab case
 * @param message what to mind and what to do
 */
public record Caution(String code, Sentence message) {
    /** One without lengths. */
    public Caution(String code, String message) {
        this(code, Sentence.plain(message));
    }
}
