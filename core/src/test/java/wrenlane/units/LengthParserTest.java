package wrenlane.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthParserTest {
    /** Rounding of doubles through a decimal text, in metres. */
    private static final double ROUNDING_METRES = 1e-9;

    private static final Calibrations WALKED = new Calibrations(
            Optional.of(new Calibration(10, MeasuredLength.taped(7.8))),
            Optional.of(new Calibration(4, MeasuredLength.taped(9.6))));
    private static final LengthParser PARSER = new LengthParser(WALKED, LengthSystem.METRIC);

    @ParameterizedTest
    @CsvFileSource(resources = "lengths.csv", numLinesToSkip = 1, quoteCharacter = '|')
    void readsEveryWayOfSayingALength(String text, double metres, LengthMethod method, String source) {
        MeasuredLength length = understood(PARSER.parse(text));
        assertThat(length.metres()).as(source).isCloseTo(metres, within(ROUNDING_METRES));
        assertThat(length.method()).isEqualTo(method);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                " ",
                "seven",
                "7.2.1",
                "7..2",
                "NaN",
                "Infinity",
                "1e5",
                "-3 m",
                "−3",
                "0",
                "0 m",
                "1000.1 m",
                "9 paces 2",
                "23' 12\"",
                "7 m 20",
                "7,2,1",
                "0x10",
                "paces",
                "'",
                "\"",
                "m",
                "7 km",
                "🏍",
                "5 bays wide",
                "7.2 mwheelwheel"
            })
    void refusesNonsenseWithASentence(String text) {
        assertThat(PARSER.parse(text)).isInstanceOfSatisfying(LengthReading.NotUnderstood.class, r -> {
            assertThat(r.finding().message().toString()).endsWith(".").hasSizeGreaterThan(10);
            assertThat(r.finding().where()).isEqualTo("length");
        });
    }

    @Test
    void refusesAnEndlessTextWithoutRepeatingIt() {
        assertThat(PARSER.parse("7".repeat(5000)))
                .isInstanceOfSatisfying(
                        LengthReading.NotUnderstood.class,
                        r -> assertThat(r.finding().message().toString()).hasSizeLessThan(200));
    }

    @Test
    void asksForACalibrationBeforePacesOrBays() {
        LengthParser fresh = new LengthParser(Calibrations.NONE, LengthSystem.METRIC);
        assertThat(code(fresh.parse("9 paces"))).isEqualTo("pace-not-calibrated");
        assertThat(code(fresh.parse("2 bays"))).isEqualTo("bay-not-calibrated");
    }

    @Test
    void takesABareNumberAsFeetForAPersonWhoReadsFeet() {
        LengthParser feet = new LengthParser(Calibrations.NONE, LengthSystem.IMPERIAL);
        assertThat(understood(feet.parse("10")).metres()).isCloseTo(3.048, within(ROUNDING_METRES));
        assertThat(understood(feet.parse("10 m")).metres()).isCloseTo(10, within(ROUNDING_METRES));
    }

    /** Who forgets the unit of 720 means centimetres; nobody's box is 720 m deep. */
    @Test
    void asksBackWhatABareNumberIsThatWouldBeLongerThanAYard() {
        assertThat(said(PARSER.parse("720"))).isEqualTo("720 of what? Say 720 cm, or 720 m if it is that long.");
        assertThat(said(PARSER.parse("7200"))).startsWith("7200 of what? Say 7200 mm");
        assertThat(understood(PARSER.parse("100")).metres()).isCloseTo(100, within(ROUNDING_METRES));
        assertThat(understood(PARSER.parse("720 m")).metres()).isCloseTo(720, within(ROUNDING_METRES));
        LengthParser feet = new LengthParser(Calibrations.NONE, LengthSystem.IMPERIAL);
        assertThat(said(feet.parse("330"))).contains("330 in", "330 ft");
        assertThat(understood(feet.parse("328")).metres()).isCloseTo(99.9744, within(ROUNDING_METRES));
    }

    @Test
    void spacesAndStallsAreBays() {
        double bays = understood(PARSER.parse("2.5 bays")).metres();
        assertThat(understood(PARSER.parse("2.5 spaces")).metres()).isEqualTo(bays);
        assertThat(understood(PARSER.parse("2.5 Stalls")).metres()).isEqualTo(bays);
    }

    @ParameterizedTest
    @CsvSource({"7.2 m, 0.0172", "20 m, 0.03", "20 m wheel, 0.2"})
    void carriesTheUncertaintyOfTapeAndWheel(String text, double uncertaintyMetres) {
        assertThat(understood(PARSER.parse(text)).uncertaintyMetres())
                .isCloseTo(uncertaintyMetres, within(ROUNDING_METRES));
    }

    /** Worked by hand: 2.5 bays of 2.4 m = 6 m; scatter 0.12 m; tape 0.0196/9.6 of 6 m = 0.01225 m. */
    @Test
    void joinsTheScatterOfABayWithTheTapedStretch() {
        MeasuredLength length = understood(PARSER.parse("2.5 bays"));
        assertThat(length.metres()).isCloseTo(6.0, within(ROUNDING_METRES));
        assertThat(length.uncertaintyMetres()).isCloseTo(0.120624, within(1e-6));
    }

    private static MeasuredLength understood(LengthReading reading) {
        assertThat(reading).isInstanceOf(LengthReading.Understood.class);
        return ((LengthReading.Understood) reading).length();
    }

    private static String said(LengthReading reading) {
        assertThat(reading).isInstanceOf(LengthReading.NotUnderstood.class);
        return ((LengthReading.NotUnderstood) reading).finding().message().toString();
    }

    private static String code(LengthReading reading) {
        return ((LengthReading.NotUnderstood) reading).finding().code();
    }
}
