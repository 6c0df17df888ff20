package wrenlane.units;

import java.text.DecimalFormatSymbols;
import java.util.Locale;

/** What stands between whole numbers and their parts. */
public enum DecimalSign {
    POINT(Locale.ROOT),
    COMMA(Locale.GERMAN);

    private final Locale locale;

    DecimalSign(Locale locale) {
        this.locale = locale;
    }

    /** As a language has it; one that has neither is written a point. */
    public static DecimalSign of(Locale language) {
        return DecimalFormatSymbols.getInstance(language).getDecimalSeparator() == ',' ? COMMA : POINT;
    }

    /** Words that name figures with a point, with this sign in its place. */
    public String within(String words) {
        return this == POINT ? words : words.replaceAll("(?<=\\d)\\.(?=\\d)", ",");
    }

    /** A language in which numbers have this sign. */
    Locale locale() {
        return locale;
    }

    /** The sign itself. */
    char sign() {
        return this == POINT ? '.' : ',';
    }

    /** The other one. */
    DecimalSign other() {
        return this == POINT ? COMMA : POINT;
    }

    /** A single number written with a point, with this sign in its place. */
    String in(String number) {
        return this == POINT ? number : number.replace('.', ',');
    }
}
