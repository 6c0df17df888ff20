package wrenlane.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import wrenlane.Draws;
import wrenlane.units.LengthReading.ParsedLength;
import wrenlane.units.LengthReading.Question;

/** Ten thousand lengths put together from parts, against a second grammar that is simpler. */
class LengthFuzzTest {
    private static final List<String> NUMBERS = List.of(
            "0",
            "5",
            "7",
            "12",
            "20",
            "23",
            "6",
            "4",
            "120",
            "7.2",
            "7,2",
            "1,200",
            "12.345",
            ".5",
            "0,5",
            "1/2",
            "½",
            "4 1/2",
            "4½",
            "4-1/2",
            "2¾",
            "2 and a half",
            "２",
            "７");
    private static final List<String> UNITS = List.of("", "", "m", "cm", "mm", "ft", "'", "\"", "in", "yd", "yards");
    private static final List<String> BETWEEN = List.of("", " ", " ", "-", " - ", ", ", " and ", "+", " + ");

    /** Rounding of doubles in sums, in metres. */
    private static final double ROUNDING_METRES = 1e-9;

    @Test
    void readsNothingThatASimplerGrammarReadsDifferently() {
        int[] understood = {0, 0};
        Draws.each(10_000, draws -> {
            LengthSystem bare = draws.oneOf(LengthSystem.class);
            DecimalSign sign = draws.oneOf(DecimalSign.class);
            String text = text(draws);
            LengthParser parser = new LengthParser(Calibrations.NONE, new Figures(bare, sign), UsualLengths.ANY);
            LengthReading reading = parser.parse(text);
            if (reading instanceof ParsedLength read) {
                understood[0]++;
                OptionalDouble simple = SimpleLengths.read(text, bare, sign.sign());
                assertThat(simple).as("%s, read as %s", text, read.length()).isPresent();
                assertThat(read.length().metres())
                        .as("%s in %s with %s", text, bare, sign)
                        .isCloseTo(simple.getAsDouble(), within(ROUNDING_METRES));
            } else if (reading instanceof Question question) {
                understood[1]++;
                question.offers()
                        .forEach(offer -> assertThat(parser.parse(offer.text()))
                                .as("%s, offered for %s", offer.text(), text)
                                .isEqualTo(new ParsedLength(offer.length())));
            }
        });
        assertThat(understood[0]).as("lengths that were read").isGreaterThan(2500);
        assertThat(understood[1]).as("lengths that were asked about").isGreaterThan(200);
    }

    private static String text(Draws draws) {
        StringBuilder text = new StringBuilder();
        int parts = draws.whole(1, 3);
        for (int i = 0; i < parts; i++) {
            text.append(i == 0 ? "" : draws.oneOf(BETWEEN))
                    .append(draws.oneOf(NUMBERS))
                    .append(draws.oneOf(List.of("", " ")))
                    .append(draws.oneOf(UNITS));
        }
        return text.toString();
    }
}
