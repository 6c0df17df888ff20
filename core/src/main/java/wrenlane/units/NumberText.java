package wrenlane.units;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Pattern;

/**
 * Numbers as people type them, with a decimal sign or with thousands set apart. A sign before exactly three digits can be
 * either; then it is what the reader's language has it be.
 */
final class NumberText {
    /** Most digits read; chosen by us: more than any length has. */
    private static final int MOST_DIGITS = 15;

    private static final Pattern GROUPS = Pattern.compile("[1-9]\\d{0,2}([.,]\\d{3})+");
    private static final Pattern THREE_AFTER = Pattern.compile("[1-9]\\d{0,2}[.,]\\d{3}");

    private NumberText() {}

    /**
     * The number; empty where its signs contradict each other.
     *
     * @param text digits with points and commas between them
     * @param decimal the sign of the reader's language
     */
    static OptionalDouble read(String text, DecimalSign decimal) {
        if (text.chars().filter(Character::isDigit).count() > MOST_DIGITS) {
            return OptionalDouble.empty();
        }
        return plain(text, decimal)
                .map(Double::parseDouble)
                .map(OptionalDouble::of)
                .orElseGet(OptionalDouble::empty);
    }

    /** Whether thousands are set apart in a number that can be read. */
    static boolean isGrouped(String text, DecimalSign decimal) {
        return plain(text, decimal)
                .filter(plain -> plain.length() < text.length())
                .isPresent();
    }

    /** With a point for the decimal sign, and nothing between thousands; empty where the signs contradict each other. */
    static Optional<String> plain(String text, DecimalSign decimal) {
        int last = Math.max(text.lastIndexOf('.'), text.lastIndexOf(','));
        if (last < 0) {
            return Optional.of(text);
        }
        char sign = text.charAt(last);
        boolean single = text.indexOf(sign) == last;
        String whole = text.substring(0, last);
        if (text.contains(".") && text.contains(",")) {
            return single && GROUPS.matcher(whole).matches()
                    ? Optional.of(whole.replaceAll("[.,]", "") + "." + text.substring(last + 1))
                    : Optional.empty();
        }
        if (single && (sign == decimal.sign() || !THREE_AFTER.matcher(text).matches())) {
            return Optional.of(text.replace(sign, '.'));
        }
        return GROUPS.matcher(text).matches() ? Optional.of(text.replaceAll("[.,]", "")) : Optional.empty();
    }

    /** A number as it is read back in a language, with no more digits than it needs, to a tenth of a millionth. */
    static String write(double number, DecimalSign decimal) {
        String plain = BigDecimal.valueOf(number)
                .setScale(7, RoundingMode.HALF_EVEN)
                .stripTrailingZeros()
                .toPlainString();
        return decimal.in(plain);
    }
}
