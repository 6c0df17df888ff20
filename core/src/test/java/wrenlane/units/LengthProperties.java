package wrenlane.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.StringLength;

class LengthProperties {
    /** Half a centimetre: what writing metres to two places rounds by. */
    private static final double HALF_CENTIMETRE = 0.005 + 1e-9;

    /** A quarter inch: what writing half inches rounds by. */
    private static final double QUARTER_INCH = 0.0254 / 4 + 1e-9;

    private static final LengthParser PARSER = new LengthParser(Calibrations.NONE, LengthSystem.METRIC);

    @Property(tries = 4000)
    void metresComeBackWithinTheirRounding(
            @ForAll @DoubleRange(min = MeasuredLength.MIN_METRES, max = 999) double metres) {
        assertThat(read(LengthFormat.metric(metres))).isCloseTo(metres, within(HALF_CENTIMETRE));
    }

    @Property(tries = 4000)
    void feetAndInchesComeBackWithinTheirRounding(@ForAll @DoubleRange(min = 0.02, max = 999) double metres) {
        assertThat(read(LengthFormat.imperial(metres))).isCloseTo(metres, within(QUARTER_INCH));
    }

    @Property(tries = 2000)
    void writingWhatWasReadChangesNothing(@ForAll @DoubleRange(min = 0.02, max = 999) double metres) {
        String feet = LengthFormat.imperial(metres);
        assertThat(LengthFormat.imperial(read(feet))).isEqualTo(feet);
    }

    @Property(tries = 2000)
    void neverThrowsWhateverIsTyped(@ForAll @StringLength(max = 80) String text) {
        assertThat(PARSER.parse(text)).isNotNull();
    }

    @Property
    void longerStretchesCalibrateBetter(@ForAll @DoubleRange(min = 1, max = 40) double metres) {
        Calibration one = new Calibration(1, MeasuredLength.taped(metres));
        Calibration ten = new Calibration(10, MeasuredLength.taped(metres * 10));
        assertThat(ten.lengthOf(3, LengthMethod.BAYS).uncertaintyMetres())
                .isLessThan(one.lengthOf(3, LengthMethod.BAYS).uncertaintyMetres());
    }

    private static double read(String text) {
        LengthReading reading = PARSER.parse(text);
        return Optional.of(reading)
                .filter(LengthReading.Understood.class::isInstance)
                .map(r -> ((LengthReading.Understood) r).length().metres())
                .orElseThrow(() -> new AssertionError("not read back: " + text));
    }
}
