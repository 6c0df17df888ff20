package wrenlane.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import wrenlane.Draws;

class LengthPropertiesTest {
    /** Half a centimetre: what writing metres to two places rounds by. */
    private static final double HALF_CENTIMETRE = 0.005 + 1e-9;

    /** A quarter inch: what writing half inches rounds by. */
    private static final double QUARTER_INCH = 0.0254 / 4 + 1e-9;

    private static final LengthParser PARSER = new LengthParser(Calibrations.NONE, LengthSystem.METRIC);

    @Test
    void readsBackWhatTheAppPrints() {
        Draws.each(4000, draws -> {
            double metres = draws.between(MeasuredLength.MIN_METRES, 999);
            for (DecimalSign sign : DecimalSign.values()) {
                assertThat(read(new Figures(LengthSystem.METRIC, sign), metres))
                        .isCloseTo(metres, within(HALF_CENTIMETRE));
                assertThat(read(new Figures(LengthSystem.IMPERIAL, sign), metres))
                        .isCloseTo(metres, within(QUARTER_INCH));
            }
        });
    }

    @Test
    void writingWhatWasReadChangesNothing() {
        Draws.each(2000, draws -> {
            double metres = draws.between(0.02, 999);
            String feet = LengthFormat.imperial(metres);
            assertThat(LengthFormat.imperial(read(feet))).isEqualTo(feet);
        });
    }

    @Test
    void neverThrowsWhateverIsTyped() {
        Draws.each(2000, draws -> {
            String text = draws.text(80);
            assertThat(PARSER.parse(text)).isNotNull();
        });
    }

    @Test
    void longerStretchesCalibrateBetter() {
        Draws.each(1000, draws -> {
            double metres = draws.between(1, 40);
            Calibration one = new Calibration(1, MeasuredLength.taped(metres));
            Calibration ten = new Calibration(10, MeasuredLength.taped(metres * 10));
            assertThat(ten.lengthOf(3, LengthMethod.BAYS).uncertaintyMetres())
                    .isLessThan(one.lengthOf(3, LengthMethod.BAYS).uncertaintyMetres());
        });
    }

    private static double read(Figures figures, double metres) {
        return read(new LengthParser(Calibrations.NONE, figures, UsualLengths.ANY), figures.length(metres));
    }

    private static double read(String text) {
        return read(PARSER, text);
    }

    private static double read(LengthParser parser, String text) {
        LengthReading reading = parser.parse(text);
        return Optional.of(reading)
                .filter(LengthReading.ParsedLength.class::isInstance)
                .map(r -> ((LengthReading.ParsedLength) r).length().metres())
                .orElseThrow(() -> new AssertionError("not read back: " + text));
    }
}
