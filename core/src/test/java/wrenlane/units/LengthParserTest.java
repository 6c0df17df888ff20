package wrenlane.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;

class LengthParserTest {
    /** Rounding of doubles through a decimal text, in metres. */
    private static final double ROUNDING_METRES = 1e-9;

    private static final Calibrations WALKED = new Calibrations(
            Optional.of(new Calibration(10, MeasuredLength.taped(7.8))),
            Optional.of(new Calibration(4, MeasuredLength.taped(9.6))));
    private static final LengthParser PARSER = new LengthParser(WALKED, LengthSystem.METRIC);

    /** A tenth of a micrometre: what the table rounds its metres to. */
    private static final double TABLE_METRES = 1e-6;

    @ParameterizedTest
    @CsvFileSource(resources = "lengths.csv", numLinesToSkip = 1, delimiter = ';', quoteCharacter = '|')
    void readsAsksOrRefusesAsTheTableSays(
            String text, LengthSystem system, DecimalSign sign, String reading, String method, String source) {
        LengthReading read = new LengthParser(WALKED, new Figures(system, sign), UsualLengths.ANY).parse(text);
        if (reading.startsWith("!")) {
            assertThat(code(read)).as(text).isEqualTo(reading.substring(2));
            assertThat(((LengthReading.UnparsedLength) read).finding().message().toString())
                    .endsWith(".")
                    .hasSizeGreaterThan(10);
        } else if (reading.startsWith("?")) {
            double[] meanings = Arrays.stream(reading.substring(2).split(" "))
                    .mapToDouble(Double::parseDouble)
                    .toArray();
            assertThat(offered(read)).as("%s: %s", text, source).containsExactly(meanings, within(TABLE_METRES));
        } else {
            MeasuredLength length = understood(read);
            assertThat(length.metres())
                    .as("%s: %s", text, source)
                    .isCloseTo(Double.parseDouble(reading), within(TABLE_METRES));
            assertThat(length.method()).isEqualTo(LengthMethod.valueOf(method));
        }
    }

    /** A wheelbase is 1 to 2.5 m: 137 are centimetres, 53 inches; nobody types 23 ft for it. */
    @ParameterizedTest
    @CsvSource({
        "METRIC, 137, 1.37",
        "METRIC, 1370, 1.37",
        "METRIC, 53, 1.3462",
        "IMPERIAL, 53, 1.3462",
        "METRIC, 137 m, 1.37"
    })
    void asksWhatALengthIsThatIsNotUsual(LengthSystem system, String text, double likeliest) {
        LengthParser parser =
                new LengthParser(Calibrations.NONE, new Figures(system, DecimalSign.POINT), new UsualLengths(1, 2.5));
        assertThat(offered(parser.parse(text))[0]).isCloseTo(likeliest, within(TABLE_METRES));
    }

    @Test
    void readsALengthWithItsUnitUpToTenTimesOutsideWhatIsUsual() {
        LengthParser parser = new LengthParser(Calibrations.NONE, Figures.METRIC, new UsualLengths(2, 20));
        assertThat(understood(parser.parse("200 m")).metres()).isCloseTo(200, within(ROUNDING_METRES));
        assertThat(offered(parser.parse("201 m"))).containsExactly(new double[] {2.01, 201}, within(TABLE_METRES));
        assertThat(understood(parser.parse("20 cm")).metres()).isCloseTo(0.2, within(ROUNDING_METRES));
        assertThat(offered(parser.parse("19 cm"))).containsExactly(new double[] {19, 0.19}, within(TABLE_METRES));
        assertThat(understood(parser.parse("20")).metres()).isCloseTo(20, within(ROUNDING_METRES));
        assertThat(understood(parser.parse("21")).metres())
                .as("nothing else that 21 could mean is usual")
                .isCloseTo(21, within(ROUNDING_METRES));
    }

    @Test
    void asksInWords() {
        assertThat(said(PARSER.parse("720"))).isEqualTo("“720” could mean 720 cm, 720 mm or 720 m. Choose one.");
        assertThat(said(PARSER.parse("1.200 mm"))).isEqualTo("Does “1.200 mm” mean 1200 mm?");
    }

    /** Two taped parts: √(0.0132² + 0.0104²) m. */
    @Test
    void joinsTheUncertaintiesOfTheTermsOfASum() {
        assertThat(understood(PARSER.parse("3.2 m + 40 cm")).uncertaintyMetres())
                .isCloseTo(0.016805, within(1e-6));
        assertThat(understood(PARSER.parse("7 m 20")).uncertaintyMetres()).isCloseTo(0.0172, within(1e-9));
    }

    @Test
    void refusesAnEndlessTextWithoutRepeatingIt() {
        assertThat(PARSER.parse("7".repeat(5000)))
                .isInstanceOfSatisfying(
                        LengthReading.UnparsedLength.class,
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
        assertThat(reading).isInstanceOf(LengthReading.ParsedLength.class);
        return ((LengthReading.ParsedLength) reading).length();
    }

    private static String said(LengthReading reading) {
        assertThat(reading).isInstanceOf(LengthReading.Question.class);
        return ((LengthReading.Question) reading).finding().message().toString();
    }

    private static double[] offered(LengthReading reading) {
        assertThat(reading).isInstanceOf(LengthReading.Question.class);
        return ((LengthReading.Question) reading)
                .offers().stream().mapToDouble(o -> o.length().metres()).toArray();
    }

    private static String code(LengthReading reading) {
        assertThat(reading).isInstanceOf(LengthReading.UnparsedLength.class);
        return ((LengthReading.UnparsedLength) reading).finding().code();
    }
}
