package wrenlane.units;

import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A unit in which people say lengths. Feet and yards are the international ones (agreement of 1959): 0.3048 m and 0.9144 m,
 * exactly.
 */
enum LengthUnit {
    METRE(1, Family.METRIC, "m", "metre metres meter meters"),
    CENTIMETRE(0.01, Family.METRIC, "cm", "cms centimetre centimetres centimeter centimeters"),
    MILLIMETRE(0.001, Family.METRIC, "mm", "mms millimetre millimetres millimeter millimeters"),
    YARD(0.9144, Family.IMPERIAL, "yd", "yds yard yards"),
    FOOT(LengthParser.METRES_PER_FOOT, Family.IMPERIAL, "ft", "foot feet"),
    INCH(LengthParser.METRES_PER_INCH, Family.IMPERIAL, "in", "ins inch inches"),
    /** Its length differs by instructor. */
    PACE(Double.NaN, Family.COUNTED, "paces", "pace step steps"),
    /** Its length differs by yard. */
    BAY(Double.NaN, Family.COUNTED, "bays", "bay space spaces stall stalls");

    /** Units that can stand side by side in one length. */
    enum Family {
        METRIC,
        IMPERIAL,
        COUNTED
    }

    private static final Map<String, LengthUnit> BY_WORD = Arrays.stream(values())
            .flatMap(unit -> Stream.concat(Stream.of(unit.symbol), Arrays.stream(unit.words.split(" ")))
                    .map(word -> Map.entry(word, unit)))
            .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue));

    private final double metres;
    private final Family family;
    private final String symbol;
    private final String words;

    LengthUnit(double metres, Family family, String symbol, String words) {
        this.metres = metres;
        this.family = family;
        this.symbol = symbol;
        this.words = words;
    }

    /** The unit of a word in any case. */
    static Optional<LengthUnit> of(String word) {
        return Optional.ofNullable(BY_WORD.get(word.toLowerCase(Locale.ROOT)));
    }

    /** Length of one, in metres; NaN where it is counted and its length is not fixed. */
    double metres() {
        return metres;
    }

    Family family() {
        return family;
    }

    boolean isCounted() {
        return family == Family.COUNTED;
    }

    /** How it is written after a number. */
    String symbol() {
        return symbol;
    }

    /** How a length in this unit was measured, unless a wheel is named. */
    LengthMethod method() {
        return switch (this) {
            case PACE -> LengthMethod.PACES;
            case BAY -> LengthMethod.BAYS;
            default -> LengthMethod.TAPE;
        };
    }
}
