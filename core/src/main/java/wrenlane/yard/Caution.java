package wrenlane.yard;

/**
 * Something that could hurt a person, said where it matters.
 *
 * @param code stable, in kebab case
 * @param message what to mind and what to do
 */
public record Caution(String code, String message) {}
