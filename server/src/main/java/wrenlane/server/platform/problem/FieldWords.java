package wrenlane.server.platform.problem;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The words of a field's name, its unit last: {@code bayMetres} is "Bay, in metres." */
public final class FieldWords {
    /** Units as names end in them, the longer before those they end in. */
    private static final List<String> UNITS = List.of(
            "MetresPerSecond",
            "RadiansPerSecond",
            "SquareMetres",
            "Metres",
            "Radians",
            "Degrees",
            "Minutes",
            "Seconds",
            "Percent",
            "Kilograms",
            "Bytes",
            "Days");

    private FieldWords() {}

    public static String of(String name) {
        String whole = capital(name);
        Optional<String> unit = UNITS.stream().filter(whole::endsWith).findFirst();
        String rest =
                unit.map(u -> name.substring(0, name.length() - u.length())).orElse(name);
        String told =
                unit.map(u -> (rest.isEmpty() ? "In " : ", in ") + words(u)).orElse("");
        return capital(words(rest) + told) + ".";
    }

    private static String words(String camelCase) {
        return camelCase.replaceAll("(?<=[a-z0-9])(?=[A-Z])", " ").toLowerCase(Locale.ROOT);
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }
}
