package wrenlane.finding;

/**
 * One thing that is wrong, said so that a person can put it right.
 *
 * @param code stable, machine-readable, in kebab case, such as {@code length-not-understood}
 * @param where the name of the field, dimension or place it concerns
 * @param message a plain sentence that names the value and says what to do
 */
public record Finding(String code, String where, Sentence message) {
    /** One without lengths. */
    public Finding(String code, String where, String message) {
        this(code, where, Sentence.plain(message));
    }
}
