package wrenlane.id;

import java.util.regex.Pattern;

/** The id of a run: 8 to 64 letters, digits or hyphens, chosen by the page that logs it. */
public record RunId(String value) {
    private static final Pattern SHAPE = Pattern.compile("[A-Za-z0-9-]{8,64}");

    public RunId {
        if (!isValid(value)) {
            throw new IllegalArgumentException(
                    "\"" + value + "\" is no id of a run: 8 to 64 letters, digits or hyphens");
        }
    }

    /** Whether a text can be the id of a run. */
    public static boolean isValid(String text) {
        return SHAPE.matcher(text).matches();
    }

    @Override
    public String toString() {
        return value;
    }
}
