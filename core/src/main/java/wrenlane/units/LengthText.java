package wrenlane.units;

import java.util.Arrays;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;
import wrenlane.finding.Sentence;
import wrenlane.finding.TypedText;
import wrenlane.units.TypedLength.Quantity;

/** Whether the words a length is kept with say that length. */
public final class LengthText {
    /** How far a rounded text may be from its length, in metres: half of the half inch that is said, and a bit. */
    static final double ROUNDING_METRES = 0.0065;

    /** What one pace of anybody may measure, in metres; chosen by us: from a small step to a long stride. */
    private static final double LEAST_PACE = 0.3;

    private static final double MOST_PACE = 2;

    /** What one painted bay may measure, in metres; chosen by us: from a bicycle's to a coach's. */
    private static final double LEAST_BAY = 0.5;

    private static final double MOST_BAY = 20;

    private static final Pattern NUMBER = Pattern.compile("\\d[\\d.,]*\\d");

    private LengthText() {}

    /**
     * The finding for a text that says something else. A text in metres or in feet is compared to what it is rounded to; one
     * in paces or bays, whose measure is not known here, by what one of them would measure. No text says nothing wrong.
     *
     * @param where the name of the field
     */
    public static Optional<Finding> check(String where, String text, double metres) {
        if (text.isBlank() || says(text, metres)) {
            return Optional.empty();
        }
        Optional<Quantity> count = count(text).filter(c -> c.number() > 0);
        if (count.isPresent()) {
            boolean paces = count.get().is(LengthUnit.PACE);
            return Checks.range(
                    where,
                    "One of " + TypedText.quoted(text),
                    metres / count.get().number(),
                    paces ? LEAST_PACE : LEAST_BAY,
                    paces ? MOST_PACE : MOST_BAY,
                    "m");
        }
        return Optional.of(new Finding(
                "text-not-the-length",
                where,
                Sentence.of(
                        "%s does not say %s. Type the length again.",
                        TypedText.quoted(text), Sentence.metres(metres))));
    }

    /**
     * The words a length is kept with: as typed, but without signs between thousands, which others read as decimal signs.
     *
     * @param sign the decimal sign of whoever typed them
     */
    public static String kept(String typed, DecimalSign sign) {
        return NUMBER.matcher(typed.strip())
                .replaceAll(number -> NumberText.isGrouped(number.group(), sign)
                        ? NumberText.plain(number.group(), sign).map(sign::in).orElseThrow()
                        : number.group());
    }

    /** How many paces or bays a text says, whatever one of them measures; 0 where it says another thing. */
    public static double counted(String text) {
        return count(text).map(Quantity::number).orElse(0.0);
    }

    private static Optional<Quantity> count(String text) {
        return text.length() > LengthParser.MAX_TEXT
                ? Optional.empty()
                : LengthGrammar.read(text, DecimalSign.POINT)
                        .flatMap(TypedLength::single)
                        .filter(q -> q.unit().filter(LengthUnit::isCounted).isPresent());
    }

    /** Whether a text can be read as that length by anybody, whatever their units and their decimal sign. */
    private static boolean says(String text, double metres) {
        return Arrays.stream(LengthSystem.values())
                .flatMap(system -> Arrays.stream(DecimalSign.values()).map(sign -> new Figures(system, sign)))
                .map(figures -> new LengthParser(Calibrations.NONE, figures, UsualLengths.ANY).parse(text))
                .flatMap(LengthText::lengths)
                .anyMatch(length -> Math.abs(length.metres() - metres) <= ROUNDING_METRES);
    }

    private static Stream<MeasuredLength> lengths(LengthReading reading) {
        if (reading instanceof LengthReading.Question question) {
            return question.offers().stream().map(LengthReading.Offer::length);
        }
        return reading instanceof LengthReading.ParsedLength understood
                ? Stream.of(understood.length())
                : Stream.empty();
    }
}
