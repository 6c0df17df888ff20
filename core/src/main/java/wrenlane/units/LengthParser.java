package wrenlane.units;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import wrenlane.finding.Finding;
import wrenlane.finding.Sentence;
import wrenlane.finding.TypedText;
import wrenlane.units.LengthReading.Offer;
import wrenlane.units.LengthReading.ParsedLength;
import wrenlane.units.LengthReading.Question;
import wrenlane.units.LengthReading.UnparsedLength;
import wrenlane.units.TypedLength.Part;
import wrenlane.units.TypedLength.Quantity;

/**
 * Reads a length the way an instructor says it, by {@link LengthGrammar}.
 *
 * <p>Understood: {@code 7.2}, {@code 7,2 m}, {@code 7 m 20}, {@code 720 cm}, {@code 1,200 mm}, {@code 7.2 m wheel},
 * {@code 23' 6 1/2"}, {@code 23 ft 6 in}, {@code 20'-6"}, {@code 8 yards}, {@code 9 paces}, {@code 2½ bays}, where steps are
 * paces and spaces and stalls are bays, and sums such as {@code 3.2 m + 40 cm}. A bare number is metres, or feet for a person
 * who reads feet.
 *
 * <p>Nothing is guessed: what could mean two things, or lies ten times outside what the field usually holds, is a
 * {@link Question} with what it could mean.
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

    private final Calibrations calibrations;
    private final Figures figures;
    private final UsualLengths usual;

    /**
     * @param calibrations what one pace and one bay measure here
     * @param figures what a number without a unit means, and what a comma within it does
     * @param usual what the field usually holds
     */
    public LengthParser(Calibrations calibrations, Figures figures, UsualLengths usual) {
        this.calibrations = calibrations;
        this.figures = figures;
        this.usual = usual;
    }

    /**
     * For a field that may hold any length, in a language with decimal points.
     *
     * @param bare what a number without a unit means: metres or feet
     */
    public LengthParser(Calibrations calibrations, LengthSystem bare) {
        this(calibrations, new Figures(bare, DecimalSign.POINT), UsualLengths.ANY);
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
        if (LengthToken.of(text).get(0).is(LengthToken.Kind.DASH)) {
            return not("length-not-positive", "A length is above zero. Leave out the minus sign.");
        }
        return LengthGrammar.read(text, figures.sign())
                .map(typed -> read(typed, text))
                .orElseGet(() -> not(
                        "length-not-understood",
                        "%s is not a length we understand. Try %.1f m, 720 cm, 23' 6\", 9 paces or %.1f bays.",
                        TypedText.quoted(text),
                        7.2,
                        2.5));
    }

    private LengthReading read(TypedLength typed, String text) {
        Optional<Part> two = typed.twoNumbers();
        if (two.isPresent()) {
            List<Offer> offers = offers(LengthMeanings.between(two.get(), figures), offer -> true);
            if (!offers.isEmpty()) {
                return question(text, offers);
            }
        }
        LengthReading literal = literal(typed);
        Optional<Quantity> single = typed.single();
        return single.filter(quantity -> isDoubtful(literal, quantity, text))
                .map(quantity -> others(literal, quantity, text))
                .filter(offers -> !offers.isEmpty())
                .<LengthReading>map(offers -> question(text, offers))
                .orElse(literal);
    }

    /** Whether something else was probably meant than what a text says as it stands. */
    private boolean isDoubtful(LengthReading literal, Quantity quantity, String text) {
        if (literal instanceof ParsedLength understood) {
            double metres = understood.length().metres();
            boolean bare = quantity.unit().isEmpty();
            return usual.isFarFrom(metres) || (bare && (metres > LONGEST_BARE_METRES || !usual.has(metres)));
        }
        boolean known = quantity.unit().filter(LengthUnit::isCounted).isEmpty();
        return known
                && quantity.number() > 0
                && (quantity.unit().isEmpty() || withOtherSign(text).isPresent());
    }

    /** What else a text could mean that is usual here; and, where there is such a thing, what it says as it stands. */
    private List<Offer> others(LengthReading literal, Quantity quantity, String text) {
        LengthUnit unit = quantity.unit().orElseGet(() -> LengthMeanings.bare(figures));
        List<String> meanings = new ArrayList<>();
        withOtherSign(text).ifPresent(other -> meanings.add(LengthMeanings.said(other.number(), unit, figures)));
        if (quantity.unit().isEmpty()) {
            boolean far = literal instanceof ParsedLength understood
                    && usual.isFarFrom(understood.length().metres());
            meanings.addAll(LengthMeanings.inAnyUnit(quantity, figures, far));
        } else if (meanings.isEmpty()) {
            meanings.addAll(LengthMeanings.inOtherUnits(quantity, figures));
        }
        List<Offer> others = new ArrayList<>(
                offers(meanings, offer -> usual.has(offer.length().metres())));
        if (!others.isEmpty() && literal instanceof ParsedLength understood) {
            others.add(new Offer(LengthMeanings.said(quantity.number(), unit, figures), understood.length()));
        }
        return LengthMeanings.distinct(others);
    }

    private Optional<Quantity> withOtherSign(String text) {
        Optional<Double> own = number(text, figures.sign()).map(Quantity::number);
        return number(text, figures.sign().other())
                .filter(other -> own.filter(number -> number != other.number()).isPresent());
    }

    private static Optional<Quantity> number(String text, DecimalSign sign) {
        return LengthGrammar.read(text, sign).flatMap(TypedLength::single);
    }

    private List<Offer> offers(List<String> meanings, Predicate<Offer> wanted) {
        return LengthMeanings.distinct(meanings.stream()
                .flatMap(text -> LengthGrammar.read(text, figures.sign()).stream()
                        .map(this::literal)
                        .flatMap(reading -> reading instanceof ParsedLength understood
                                ? Stream.of(new Offer(text, understood.length()))
                                : Stream.empty()))
                .filter(wanted)
                .toList());
    }

    private static Question question(String text, List<Offer> offers) {
        return new Question(
                new Finding(
                        "length-unclear",
                        "length",
                        Sentence.of(
                                offers.size() == 1 ? "Does %s mean %s?" : "%s could mean %s. Choose one.",
                                TypedText.quoted(text),
                                LengthMeanings.listed(offers))),
                offers);
    }

    /** What a text says as it stands, however unlikely. */
    private LengthReading literal(TypedLength typed) {
        Optional<Quantity> counted = typed.single()
                .filter(quantity ->
                        quantity.unit().filter(LengthUnit::isCounted).isPresent());
        if (counted.isPresent()) {
            return counted(counted.get());
        }
        TypedLength complete = typed.withUnit(LengthMeanings.bare(figures));
        Optional<Finding> wrong = LengthSum.check(complete);
        if (wrong.isPresent()) {
            return new UnparsedLength(wrong.get());
        }
        LengthMethod method = typed.wheel() ? LengthMethod.WHEEL : LengthMethod.TAPE;
        return outside(LengthSum.metres(complete))
                .<LengthReading>map(UnparsedLength::new)
                .orElseGet(() -> new ParsedLength(LengthSum.of(complete, method)));
    }

    private LengthReading counted(Quantity quantity) {
        LengthMethod method = quantity.unit().orElseThrow().method();
        boolean paces = method == LengthMethod.PACES;
        Optional<Calibration> unit = paces ? calibrations.pace() : calibrations.bay();
        if (unit.isEmpty()) {
            return paces
                    ? not("pace-not-calibrated", "Your pace is not known here yet: walk ten along a tape, on Yard.")
                    : not("bay-not-calibrated", "No bay is taped here yet: tape a row of them, on Yard.");
        }
        double count = quantity.number();
        return outside(count * unit.get().unitMetres())
                .<LengthReading>map(UnparsedLength::new)
                .orElseGet(() -> new ParsedLength(unit.get().lengthOf(count, method)));
    }

    /** Why nothing here is that long; empty where something may be. */
    private static Optional<Finding> outside(double metres) {
        if (!(metres > 0)) {
            return Optional.of(finding("length-not-positive", "A length is above zero."));
        }
        // To a tenth of a millimetre: 2 cm is 2 cm, however it was typed.
        if (metres < MeasuredLength.MIN_METRES - 1e-4) {
            return Optional.of(finding("length-too-short", "Lengths here start at 2 cm."));
        }
        return metres <= MeasuredLength.MAX_METRES
                ? Optional.empty()
                : Optional.of(finding(
                        "length-too-long", "Lengths here go up to %s.", Sentence.metres(MeasuredLength.MAX_METRES, 0)));
    }

    private static Finding finding(String code, String format, Object... arguments) {
        return new Finding(code, "length", Sentence.of(format, arguments));
    }

    private static UnparsedLength not(String code, String format, Object... arguments) {
        return new UnparsedLength(finding(code, format, arguments));
    }
}
