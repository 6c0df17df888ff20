package wrenlane.units;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import wrenlane.units.LengthToken.Kind;
import wrenlane.units.TypedLength.Part;
import wrenlane.units.TypedLength.Quantity;

/**
 * The grammar of typed lengths, read from left to right.
 *
 * <pre>
 * length   = part { "+" part } [ [ "by" ] "wheel" ]
 * part     = quantity { [ "-" | "," | "and" ] quantity }
 * quantity = number [ unit ]
 * number   = digits | digits [ "-" | "and" [ "a" ] ] fraction | fraction
 * fraction = digits "/" digits | "half" [ "a" | "an" ] | "quarter" [ "of" ] [ "a" | "an" ]
 * unit     = a word of {@link LengthUnit} | a foot mark | an inch mark
 * </pre>
 */
final class LengthGrammar {
    /** Finest fraction read; chosen by us: tapes are marked in no finer ones. */
    private static final int FINEST = 64;

    private final List<LengthToken> tokens;
    private final DecimalSign decimal;
    private int at;

    private LengthGrammar(List<LengthToken> tokens, DecimalSign decimal) {
        this.tokens = tokens;
        this.decimal = decimal;
    }

    /** A length as it stands in a text; empty where the text is not of this grammar. */
    static Optional<TypedLength> read(String text, DecimalSign decimal) {
        return new LengthGrammar(LengthToken.of(text), decimal).length();
    }

    private Optional<TypedLength> length() {
        List<Part> parts = new ArrayList<>();
        do {
            Optional<Part> part = part();
            if (part.isEmpty()) {
                return Optional.empty();
            }
            parts.add(part.get());
        } while (take(Kind.PLUS));
        takeWord("by");
        boolean wheel = takeWord("wheel");
        boolean by = at > 0 && tokens.get(at - 1).text().equals("by");
        return at == tokens.size() && !by ? Optional.of(new TypedLength(parts, wheel)) : Optional.empty();
    }

    private Optional<Part> part() {
        List<Quantity> quantities = new ArrayList<>();
        Optional<Quantity> next = quantity();
        while (next.isPresent()) {
            quantities.add(next.get());
            int before = at;
            boolean parted = take(Kind.DASH) || take(Kind.COMMA) || takeWord("and");
            next = quantity();
            if (next.isEmpty()) {
                at = before;
                if (parted) {
                    return Optional.empty();
                }
            }
        }
        return quantities.isEmpty() ? Optional.empty() : Optional.of(new Part(quantities));
    }

    private Optional<Quantity> quantity() {
        int before = at;
        Optional<Quantity> number = mixed().or(this::plain);
        if (number.isEmpty()) {
            at = before;
        }
        return number.map(n -> new Quantity(n.number(), n.digits(), unit()));
    }

    /** A number without a fraction after it. */
    private Optional<Quantity> plain() {
        if (!is(Kind.NUMBER)) {
            return Optional.empty();
        }
        String text = tokens.get(at).text();
        OptionalDouble number = NumberText.read(text, decimal);
        at++;
        boolean whole = text.chars().allMatch(Character::isDigit);
        return number.isPresent()
                ? Optional.of(new Quantity(number.getAsDouble(), whole ? text : "", Optional.empty()))
                : Optional.empty();
    }

    /** A whole number with a fraction after it, or a fraction alone. */
    private Optional<Quantity> mixed() {
        int before = at;
        double whole = 0;
        if (is(Kind.NUMBER) && tokens.get(at).text().chars().allMatch(Character::isDigit)) {
            whole = NumberText.read(tokens.get(at).text(), decimal).orElse(Double.NaN);
            at++;
            if (!take(Kind.DASH) && takeWord("and")) {
                takeWord("a");
            }
        }
        OptionalDouble fraction = fraction();
        if (fraction.isEmpty() || !(whole >= 0)) {
            at = before;
            return Optional.empty();
        }
        return Optional.of(new Quantity(whole + fraction.getAsDouble(), "", Optional.empty()));
    }

    private OptionalDouble fraction() {
        if (takeWord("half")) {
            takeArticle();
            return OptionalDouble.of(0.5);
        }
        if (takeWord("quarter")) {
            takeWord("of");
            takeArticle();
            return OptionalDouble.of(0.25);
        }
        if (!is(Kind.FRACTION)) {
            return OptionalDouble.empty();
        }
        String[] parts = tokens.get(at++).text().split("/");
        double above = NumberText.read(parts[0], decimal).orElse(0);
        double below = NumberText.read(parts[1], decimal).orElse(0);
        return above > 0 && above < below && below <= FINEST
                ? OptionalDouble.of(above / below)
                : OptionalDouble.empty();
    }

    private Optional<LengthUnit> unit() {
        if (take(Kind.FOOT_MARK)) {
            return Optional.of(LengthUnit.FOOT);
        }
        if (take(Kind.INCH_MARK)) {
            return Optional.of(LengthUnit.INCH);
        }
        Optional<LengthUnit> unit = is(Kind.WORD) ? LengthUnit.of(tokens.get(at).text()) : Optional.empty();
        unit.ifPresent(u -> at++);
        return unit;
    }

    private void takeArticle() {
        if (!takeWord("a")) {
            takeWord("an");
        }
    }

    private boolean is(Kind kind) {
        return at < tokens.size() && tokens.get(at).is(kind);
    }

    private boolean take(Kind kind) {
        boolean there = is(kind);
        at += there ? 1 : 0;
        return there;
    }

    private boolean takeWord(String word) {
        boolean there = is(Kind.WORD) && tokens.get(at).text().equals(word);
        at += there ? 1 : 0;
        return there;
    }
}
