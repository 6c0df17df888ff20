package wrenlane.finding;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.DoubleFunction;

/**
 * A sentence whose lengths are values, so that it can be said in metres or in feet.
 *
 * @param format as {@link String#format} takes it; every length stands at a {@code %s}
 * @param arguments lengths, numbers and words, in the order of the format
 */
public record Said(String format, List<Object> arguments) {
    /**
     * A length within a sentence.
     *
     * @param metres the value
     * @param metric how it is said in metres, with as many decimals as matter there
     */
    public record Length(double metres, String metric) {
        @Override
        public String toString() {
            return metric;
        }
    }

    public Said {
        arguments = List.copyOf(arguments);
    }

    /** A sentence with what it speaks of; a {@link Said} among the arguments keeps its lengths. */
    public static Said of(String format, Object... arguments) {
        return new Said(format, Arrays.asList(arguments));
    }

    /** A sentence without lengths, whatever signs it has. */
    public static Said plain(String sentence) {
        return new Said("%s", List.of(sentence));
    }

    /** Some words one after another: "a, b and c". */
    public static String listed(List<String> words) {
        int last = words.size() - 1;
        return last < 1
                ? String.join("", words)
                : String.join(", ", words.subList(0, last)) + " and " + words.get(last);
    }

    /** A length to the centimetre. */
    public static Length metres(double metres) {
        return metres(metres, 2);
    }

    /** A length to so many decimals of a metre. */
    public static Length metres(double metres, int decimals) {
        return new Length(metres, String.format(Locale.ROOT, "%." + decimals + "f m", metres));
    }

    /** The sentence with every length as it is written here: from metres. */
    public String with(DoubleFunction<String> lengths) {
        Object[] said = arguments.stream()
                .map(a -> a instanceof Length length
                        ? lengths.apply(length.metres())
                        : a instanceof Said inner ? inner.with(lengths) : a)
                .toArray();
        return String.format(Locale.ROOT, format, said);
    }

    /** The sentence in metres. */
    @Override
    public String toString() {
        return String.format(Locale.ROOT, format, arguments.toArray());
    }
}
