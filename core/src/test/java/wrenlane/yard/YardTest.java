package wrenlane.yard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wrenlane.course.plan.CoursePlan;
import wrenlane.units.MeasuredLength;

class YardTest {
    private static Yard yard(double length, double width, Surface surface, double fall) {
        return Yard.rectangle(MeasuredLength.taped(length), MeasuredLength.taped(width), surface, new Fall(fall, 0));
    }

    @ParameterizedTest
    @CsvSource({"0, ''", "3, ''", "3.01, fall-novices", "6, fall-novices", "6.01, fall-steep", "15, fall-steep"})
    void warnsOfTheFall(double fall, String code) {
        String said = yard(30, 20, Surface.ASPHALT, fall).cautions().stream()
                .map(Caution::code)
                .findFirst()
                .orElse("");
        assertThat(said).isEqualTo(code);
    }

    @Test
    void warnsOfLooseGround() {
        assertThat(yard(30, 20, Surface.GRAVEL, 0).cautions())
                .extracting(Caution::code)
                .containsExactly("surface-loose");
        assertThat(yard(30, 20, Surface.CONCRETE, 0).cautions()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(doubles = {-0.1, 15.1, Double.NaN})
    void refusesAnImpossibleFall(double fall) {
        assertThatIllegalArgumentException().isThrownBy(() -> yard(30, 20, Surface.ASPHALT, fall));
    }

    @ParameterizedTest
    @CsvSource({"14.5, 7.2, 0", "7.2, 14.5, 0", "14.4, 30, 0", "14.4, 14.4, 1", "30, 7.1, 1"})
    void saysWhenTheBoxWithItsRunInIsLargerThanTheYard(double length, double width, int cautions) {
        CoursePlan.Area box = new CoursePlan.Area(-7, 7.5, 0, 7.2);
        assertThat(yard(length, width, Surface.ASPHALT, 0).cautionsFor(box)).hasSize(cautions);
    }
}
