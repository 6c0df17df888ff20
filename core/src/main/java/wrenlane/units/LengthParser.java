package wrenlane.units;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wrenlane.finding.Finding;
import wrenlane.finding.Said;
import wrenlane.finding.TypedText;

/**
 * Reads a length the way an instructor says it.
 *
 * <p>Understood: {@code 7.2}, {@code 7,2 m}, {@code 720 cm}, {@code 7200 mm}, {@code 7.2 m wheel}, {@code 23' 6"},
 * {@code 23 ft 6 in}, {@code 18 in}, {@code 9 paces}, {@code 2.5 bays}, where spaces and stalls are bays; decimal point or
 * comma, any case, curly primes. A bare number is metres, or feet for a person who reads feet; one that would be longer
 * than most yards is asked back, since it may be centimetres, millimetres or inches.
 */
public final class LengthParser {
    /** One international foot, in metres, exactly (international yard and pound agreement, 1959). */
    public static final double METRES_PER_FOOT = 0.3048;

    /** One inch, in metres, exactly. */
    public static final double METRES_PER_INCH = METRES_PER_FOOT / 12;

    /** Longest text looked at; chosen by us, because no length takes more to say. */
    static final int MAX_TEXT = 60;

    /** Longest that a bare number is taken for without asking, in metres; chosen by us: few paved yards are longer. */
    private static final double LONGEST_BARE_METRES = 100;

    private static final String NUMBER = "(\\d{1,9}(?:\\.\\d{0,9})?|\\.\\d{1,9})";
    private static final Pattern METRIC = Pattern.compile(NUMBER + "(m|metres?|meters?|cm|mm)(?:by)?(wheel)?");
    private static final Pattern FEET =
            Pattern.compile(NUMBER + "(?:ft|foot|feet|')(?:" + NUMBER + "(?:in|inch|inches|\")?)?");
    private static final Pattern INCHES = Pattern.compile(NUMBER + "(?:in|inch|inches|\")");
    private static final Pattern COUNTED = Pattern.compile(NUMBER + "(paces?|bays?|spaces?|stalls?)");
    private static final Pattern BARE = Pattern.compile(NUMBER);

    private final Calibrations calibrations;
    private final LengthSystem bare;

    /**
     * @param calibrations what one pace and one bay measure here
     * @param bare what a number without a unit means: metres or feet
     */
    public LengthParser(Calibrations calibrations, LengthSystem bare) {
        this.calibrations = calibrations;
        this.bare = bare;
    }

    /** Reads the text; never throws, whatever it holds. */
    public LengthReading parse(String text) {
        if (text.isBlank()) {
            return not("length-missing", "Type a length, such as %.1f m, 23' 6\", 9 paces or %.1f bays.", 7.2, 2.5);
        }
        if (text.length() > MAX_TEXT) {
            return not(
                    "length-not-understood", "That is too long to be a length. Try %.1f m, 23' 6\" or 9 paces.", 7.2);
        }
        String plain = normalised(text);
        if (plain.startsWith("-")) {
            return not("length-not-positive", "A length is above zero. Leave out the minus sign.");
        }
        return metric(plain)
                .or(() -> imperial(plain))
                .or(() -> counted(plain))
                .or(() -> bare(plain, text))
                .orElseGet(() -> not(
                        "length-not-understood",
                        "%s is not a length we understand. Try %.1f m, 720 cm, 23' 6\", 9 paces or %.1f bays.",
                        TypedText.quoted(text),
                        7.2,
                        2.5));
    }

    /** A count of paces or of bays. */
    record Count(double number, LengthMethod method) {}

    /** The count of paces or bays a text says, whatever one of them measures; empty where it says another thing. */
    static Optional<Count> count(String text) {
        Matcher m = COUNTED.matcher(text.length() > MAX_TEXT ? "" : normalised(text));
        return m.matches()
                ? Optional.of(new Count(
                        number(m.group(1)), m.group(2).startsWith("pace") ? LengthMethod.PACES : LengthMethod.BAYS))
                : Optional.empty();
    }

    private static String normalised(String text) {
        return text.toLowerCase(Locale.ROOT)
                .replace('’', '\'')
                .replace('′', '\'')
                .replace('”', '"')
                .replace('″', '"')
                .replace("''", "\"")
                .replace(',', '.')
                .replace('−', '-')
                .replaceAll("[\\s\\u00A0\\u2009\\u202F]+", "");
    }

    private Optional<LengthReading> metric(String plain) {
        Matcher m = METRIC.matcher(plain);
        if (!m.matches()) {
            return Optional.empty();
        }
        double scale = m.group(2).equals("cm") ? 0.01 : m.group(2).equals("mm") ? 0.001 : 1;
        LengthMethod method = m.group(3) == null ? LengthMethod.TAPE : LengthMethod.WHEEL;
        return Optional.of(measured(number(m.group(1)) * scale, method));
    }

    private Optional<LengthReading> imperial(String plain) {
        Matcher feet = FEET.matcher(plain);
        if (feet.matches()) {
            double inches = feet.group(2) == null ? 0 : number(feet.group(2));
            if (inches >= 12) {
                return Optional.of(not("inches-too-many", "There are 12 inches in a foot: say the inches below 12."));
            }
            return Optional.of(
                    measured(number(feet.group(1)) * METRES_PER_FOOT + inches * METRES_PER_INCH, LengthMethod.TAPE));
        }
        Matcher inches = INCHES.matcher(plain);
        return inches.matches()
                ? Optional.of(measured(number(inches.group(1)) * METRES_PER_INCH, LengthMethod.TAPE))
                : Optional.empty();
    }

    private Optional<LengthReading> counted(String plain) {
        Optional<Count> said = count(plain);
        if (said.isEmpty()) {
            return Optional.empty();
        }
        boolean paces = said.get().method() == LengthMethod.PACES;
        double count = said.get().number();
        Optional<Calibration> unit = paces ? calibrations.pace() : calibrations.bay();
        if (unit.isEmpty()) {
            return Optional.of(
                    paces
                            ? not(
                                    "pace-not-calibrated",
                                    "Your pace is not known here yet: walk ten along a tape, on Yard.")
                            : not("bay-not-calibrated", "No bay is taped here yet: tape a row of them, on Yard."));
        }
        return Optional.of(inRange(count * unit.get().unitMetres())
                .map(LengthReading.class::cast)
                .orElseGet(() -> new LengthReading.Understood(
                        unit.get().lengthOf(count, said.get().method()))));
    }

    private Optional<LengthReading> bare(String plain, String typed) {
        if (!BARE.matcher(plain).matches()) {
            return Optional.empty();
        }
        boolean metric = bare == LengthSystem.METRIC;
        double metres = number(plain) * (metric ? 1 : METRES_PER_FOOT);
        if (metres > LONGEST_BARE_METRES) {
            String small = !metric ? "in" : metres > MeasuredLength.MAX_METRES ? "mm" : "cm";
            String large = metric ? "m" : "ft";
            return Optional.of(not(
                    "length-of-what",
                    "%s of what? Say %s %s, or %s %s if it is that long.",
                    typed.strip(),
                    typed.strip(),
                    small,
                    typed.strip(),
                    large));
        }
        return Optional.of(measured(metres, LengthMethod.TAPE));
    }

    private static LengthReading measured(double metres, LengthMethod method) {
        Optional<LengthReading.NotUnderstood> outside = inRange(metres);
        return outside.isPresent()
                ? outside.get()
                : new LengthReading.Understood(new MeasuredLength(metres, method.uncertaintyMetres(metres), method));
    }

    /** The finding for a length that is zero or too long, if it is. */
    private static Optional<LengthReading.NotUnderstood> inRange(double metres) {
        if (!(metres > 0)) {
            return Optional.of(not("length-not-positive", "A length is above zero."));
        }
        if (metres < MeasuredLength.MIN_METRES) {
            return Optional.of(not("length-too-short", "Lengths here start at 2 cm."));
        }
        return metres <= MeasuredLength.MAX_METRES
                ? Optional.empty()
                : Optional.of(new LengthReading.NotUnderstood(new Finding(
                        "length-too-long",
                        "length",
                        Said.of("Lengths here go up to %s.", Said.metres(MeasuredLength.MAX_METRES, 0)))));
    }

    private static double number(String digits) {
        return Double.parseDouble(digits);
    }

    private static LengthReading.NotUnderstood not(String code, String format, Object... arguments) {
        return new LengthReading.NotUnderstood(new Finding(code, "length", Said.of(format, arguments)));
    }
}
