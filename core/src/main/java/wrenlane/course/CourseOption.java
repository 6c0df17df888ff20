package wrenlane.course;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import wrenlane.finding.Finding;

/**
 * A choice that a kind of course offers besides its dimensions.
 *
 * @param name stable, as in JSON
 * @param label as shown
 * @param choices what there is to choose from; empty where it is typed
 * @param standard what a new course starts from
 */
public record CourseOption(String name, String label, List<Choice> choices, String standard) {
    /** Name of the choice of what a course is set out in. */
    public static final String MARKING = "marking";

    /** What stands highest, of the choices of {@link #MARKING}. */
    static final String TALL = "TALL";

    /** One choice: its stable value and what is shown. */
    public record Choice(String value, String label) {}

    public CourseOption {
        choices = List.copyOf(choices);
    }

    /** A choice between the constants of an enum, shown as they say themselves. */
    public static <E extends Enum<E>> CourseOption of(String name, String label, E standard, E... all) {
        return new CourseOption(
                name,
                label,
                Arrays.stream(all).map(e -> new Choice(e.name(), e.toString())).toList(),
                standard.name());
    }

    /** Typed text. */
    public static CourseOption typed(String name, String label, String standard) {
        return new CourseOption(name, label, List.of(), standard);
    }

    /** What is wrong with a value, if anything. */
    public Optional<Finding> check(String value) {
        if (choices.isEmpty() || choices.stream().anyMatch(c -> c.value().equals(value))) {
            return Optional.empty();
        }
        String known = choices.stream().map(Choice::value).collect(Collectors.joining(", "));
        return Optional.of(
                new Finding("no-such-choice", name, label + " is one of " + known + "; it is " + value + "."));
    }
}
