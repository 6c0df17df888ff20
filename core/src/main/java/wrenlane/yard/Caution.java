package wrenlane.yard;

import wrenlane.finding.Said;

/**
 * Something that could hurt a person, said where it matters.
 *
 * @param code stable, in kebab case
 * @param message what to mind and what to do
 */
public record Caution(String code, Said message) {
    /** One without lengths. */
    public Caution(String code, String message) {
        this(code, Said.plain(message));
    }
}
