package wrenlane.units;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LengthTextTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            7.2 m      | 7.2
            7.20 m     | 7.2049
            720 cm     | 7.2
            7.2        | 7.2
            23.6       | 7.1933
            23' 6\"    | 7.1628
            9 paces    | 6.9
            2.5 bays   | 6.15
            ''         | 3.3
            """)
    void agreesWithWhatItSays(String text, double metres) {
        assertThat(LengthText.check("width", text, metres)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            7.2 m      | 7.3
            7.2        | 72
            23' 6\"    | 7.2
            9 paces    | 69
            9 paces    | 0.9
            0 bays     | 1
            a bit      | 7.2
            -7.2 m     | 7.2
            """)
    void contradictsAnotherLength(String text, double metres) {
        assertThat(LengthText.check("width", text, metres))
                .hasValueSatisfying(f -> assertThat(f.where()).isEqualTo("width"));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            1,200 mm    | POINT | 1200 mm
            1.200 mm    | COMMA | 1200 mm
            1,234.5 cm  | POINT | 1234.5 cm
            1.234,5 cm  | COMMA | 1234,5 cm
            7,2 m       | POINT | 7,2 m
            7.205 m     | POINT | 7.205 m
            6' 4 1/2\"  | POINT | 6' 4 1/2\"
            """)
    void keepsWordsWithoutSignsBetweenThousands(String typed, DecimalSign sign, String kept) {
        assertThat(LengthText.kept(typed, sign)).isEqualTo(kept);
    }

    @Test
    void whatTheAppWritesItself() {
        for (double metres = 0.02; metres < 50; metres += 0.0137) {
            assertThat(LengthText.check("", LengthFormat.metric(metres), metres))
                    .isEmpty();
            assertThat(LengthText.check("", LengthFormat.imperial(metres), metres))
                    .isEmpty();
        }
    }

    @Test
    void aMeasuredLengthIsLongEnoughToBeOneAndKnownAtAll() {
        assertThat(MeasuredLength.check("side", 0.02, 0.01)).isEmpty();
        assertThat(MeasuredLength.check("side", 1000, 1000)).isEmpty();
        for (double[] wrong : new double[][] {
            {1e-9, 0}, {0.019, 0}, {1000.1, 1}, {-1, 0}, {Double.NaN, 0}, {7, 7.01}, {7, -0.01}, {7, Double.NaN}
        }) {
            assertThat(MeasuredLength.check("side", wrong[0], wrong[1]))
                    .as("%s ± %s", wrong[0], wrong[1])
                    .hasSize(1);
        }
    }
}
