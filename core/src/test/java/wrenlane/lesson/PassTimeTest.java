package wrenlane.lesson;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wrenlane.drill.DrillRiding.SpeedBand;
import wrenlane.plane.Point;

class PassTimeTest {
    @Test
    void isTheWayThereAtTheMiddleSpeedTheWayBackAndAWord() {
        List<Point> lane = List.of(new Point(0, 0), new Point(20, 0));
        // 20 m at 2 m/s is 10 s, 20 m at 2.778 m/s is 7.2 s, and 15 s.
        assertThat(PassTime.seconds(lane, Optional.of(new SpeedBand(1, 3)))).isEqualTo(33);
    }

    @Test
    void aRoundTripHasNoWayBack() {
        List<Point> square =
                List.of(new Point(0, 0), new Point(10, 0), new Point(10, 10), new Point(0, 10), new Point(0, 0));
        // 40 m at 8 km/h is 18 s, and 15 s.
        assertThat(PassTime.seconds(square, Optional.empty())).isEqualTo(33);
    }

    @Test
    void refusesAWayWithoutLength() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> PassTime.seconds(List.of(new Point(0, 0)), Optional.empty()));
    }
}
