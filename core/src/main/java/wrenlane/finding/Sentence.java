package wrenlane.finding;

import java.text.DecimalFormatSymbols;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;

/**
 * A sentence whose figures are values, so that it can be said in metres or in feet, with decimal points or commas.
 *
 * @param format as {@link String#format} takes it; every length stands at a {@code %s}
 * @param arguments lengths, numbers and words, in the order of the format
 */
public record Sentence(String format, List<Object> arguments) {
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

    /**
     * A number within a sentence, with as many digits as it is to be said with.
     *
     * @param digits with a decimal point
     */
    public record Number(String digits) {
        private String in(Locale numbers) {
            return digits.replace('.', DecimalFormatSymbols.getInstance(numbers).getDecimalSeparator());
        }

        @Override
        public String toString() {
            return digits;
        }
    }

    public Sentence {
        arguments = List.copyOf(arguments);
    }

    /** A sentence with what it speaks of; a {@link Sentence} among the arguments keeps its lengths. */
    public static Sentence of(String format, Object... arguments) {
        return new Sentence(format, Arrays.asList(arguments));
    }

    /** A sentence without lengths, whatever signs it has. */
    public static Sentence plain(String sentence) {
        return new Sentence("%s", List.of(sentence));
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

    /**
     * The sentence with every length as it is written here.
     *
     * @param numbers how other numbers are written
     */
    public String with(Function<Length, String> lengths, Locale numbers) {
        return String.format(
                numbers,
                format,
                arguments.stream().map(a -> said(a, lengths, numbers)).toArray());
    }

    private static Object said(Object argument, Function<Length, String> lengths, Locale numbers) {
        if (argument instanceof Sentence inner) {
            return inner.with(lengths, numbers);
        }
        if (argument instanceof Length length) {
            return lengths.apply(length);
        }
        return argument instanceof Number number ? number.in(numbers) : argument;
    }

    /** The sentence in metres, with decimal points. */
    @Override
    public String toString() {
        return with(Length::metric, Locale.ROOT);
    }
}
