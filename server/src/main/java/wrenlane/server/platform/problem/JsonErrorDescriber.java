package wrenlane.server.platform.problem;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Says of JSON that could not be read where it is wrong, and what would be right there. */
final class JsonErrorDescriber {
    /** Longest place that is said; chosen by us: longer than any of ours. */
    private static final int MOST_PLACE = 100;

    private static final String ANYTHING = "The request is not the JSON expected here.";

    private JsonErrorDescriber() {}

    static String said(@Nullable Throwable cause) {
        if (cause instanceof UnrecognizedPropertyException unknown) {
            return place(unknown) + " is not known here.";
        }
        if (cause instanceof MismatchedInputException mismatched) {
            return place(mismatched) + " must be " + expected(mismatched.getTargetType()) + ".";
        }
        if (cause instanceof StreamReadException broken) {
            return broken.getLocation() == null
                    ? ANYTHING
                    : "The request stops being JSON, or says one thing twice, in line "
                            + broken.getLocation().getLineNr() + ", column "
                            + broken.getLocation().getColumnNr() + ".";
        }
        if (cause instanceof JacksonException other) {
            return place(other) + " is not what is expected there.";
        }
        return ANYTHING;
    }

    private static String place(JacksonException e) {
        String path = e.getPath().stream()
                .map(p -> p.getPropertyName() == null ? "[" + p.getIndex() + "]" : p.getPropertyName())
                .collect(Collectors.joining("."));
        if (path.isEmpty()) {
            return "The request";
        }
        return path.length() > MOST_PLACE ? path.substring(0, MOST_PLACE) + "…" : path;
    }

    /** What a value of a type looks like, in words. */
    static String expected(@Nullable Class<?> type) {
        if (type == null) {
            return "something else";
        }
        if (type.isEnum()) {
            return "one of "
                    + Arrays.stream(type.getEnumConstants())
                            .map(String::valueOf)
                            .collect(Collectors.joining(", "));
        }
        if (type == String.class) {
            return "a text";
        }
        if (type == LocalDate.class) {
            return "a date, such as 2026-05-14";
        }
        if (type == Instant.class) {
            return "a time, such as 2026-05-14T09:00:00Z";
        }
        if (type == Boolean.class || type == Boolean.TYPE) {
            return "true or false";
        }
        if (type == Double.class || type == Double.TYPE) {
            return "a number";
        }
        if (Number.class.isAssignableFrom(type) || type.isPrimitive()) {
            return "a whole number";
        }
        return Iterable.class.isAssignableFrom(type) ? "a list" : "an object";
    }
}
