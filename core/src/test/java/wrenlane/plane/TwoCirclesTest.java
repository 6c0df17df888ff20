package wrenlane.plane;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import wrenlane.Draws;

class TwoCirclesTest {
    /** 3, 4 and 5 by hand. */
    @Test
    void meetsAtTheRightAngleOfA345Triangle() {
        Point left = TwoCircles.crossing(new Point(0, 0), 3, new Point(5, 0), 4, true);
        assertThat(left.x()).isCloseTo(1.8, within(1e-12));
        assertThat(left.y()).isCloseTo(2.4, within(1e-12));
        Point right = TwoCircles.crossing(new Point(0, 0), 3, new Point(5, 0), 4, false);
        assertThat(right.y()).isCloseTo(-2.4, within(1e-12));
    }

    @Test
    void isAsFarFromBothAsIsAskedAndOnItsSide() {
        Draws.each(300, draws -> {
            double x = draws.between(-20, 20);
            double y = draws.between(-20, 20);
            double turn = draws.between(0.3, 6);
            Point p = new Point(x, y);
            Point q = new Point(x + 8 * Math.cos(turn), y + 8 * Math.sin(turn));
            Point at =
                    new Point(x - 3 * Math.sin(turn) + 2 * Math.cos(turn), y + 3 * Math.cos(turn) + 2 * Math.sin(turn));
            Point found = TwoCircles.crossing(p, p.distanceTo(at), q, q.distanceTo(at), true);
            assertThat(found.distanceTo(at)).isLessThan(1e-9);
        });
    }

    @Test
    void lengthsTooShortToMeetEndOnTheLine() {
        Point between = TwoCircles.crossing(new Point(0, 0), 1, new Point(10, 0), 1, true);
        assertThat(between.y()).isZero();
        assertThat(between.x()).isCloseTo(5, within(1e-12));
    }
}
