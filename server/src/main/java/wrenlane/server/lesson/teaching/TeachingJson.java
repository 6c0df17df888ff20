package wrenlane.server.lesson.teaching;

import jakarta.validation.constraints.NotNull;
import java.util.Set;
import wrenlane.drill.TeachingChoice;

/**
 * Choices beside the school.
 *
 * @param choices one answer to each question
 */
record TeachingJson(@NotNull Set<@NotNull TeachingChoice> choices) {}
