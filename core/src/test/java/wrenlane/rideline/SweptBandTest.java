package wrenlane.rideline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import wrenlane.rideline.solve.UTurnLine;
import wrenlane.riding.Footprint;
import wrenlane.riding.TurnLimits;

class SweptBandTest {
    /** In a left half circle the bar ends run on circles about the turn's centre (0, R). */
    @Test
    void barEndsRunOnCirclesInASteadyTurn() {
        List<LinePoint> line = new UTurnLine(1.5, 0.5, Double.POSITIVE_INFINITY).points();
        SweptBand band = SweptBand.of(line, new Footprint(1.5, 0.1, 0.8), new TurnLimits(1, 1, 1, 0));
        double inside = Math.hypot(1.2, 2 - 0.4);
        double outside = Math.hypot(1.2, 2 + 0.4);
        for (int i = 0; i < line.size(); i++) {
            assertThat(Math.hypot(band.left().get(i).x(), band.left().get(i).y() - 2))
                    .isCloseTo(inside, within(1e-3));
            assertThat(Math.hypot(band.right().get(i).x(), band.right().get(i).y() - 2))
                    .isCloseTo(outside, within(1e-3));
        }
    }
}
