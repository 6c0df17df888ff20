package wrenlane.rideline.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wrenlane.rideline.LineTask;
import wrenlane.rider.RiderLevel;

class LineNodesTest {
    private static final LineTask TASK =
            LineTask.of(Tasks.course("figure-eight-box"), Tasks.ride("twin-300", RiderLevel.DEVELOPING), 10 / 3.6);

    /** Where a line is, a share of the way along it: x, y, heading and curvature. */
    private static double[] at(LineNodes line, double share) {
        double at = share * line.segments;
        int segment = Math.min(line.segments - 1, (int) at);
        LineNodes.Pose pose = new LineNodes.Pose();
        line.pose(segment, at - segment, pose);
        return new double[] {pose.x, pose.y, pose.heading, pose.curvature};
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.5, 0.75, 1.3, 2})
    void isTheSameLineWithItsNodesElsewhere(double share) {
        LineNodes line = new LineSearch(TASK).roomiest(null).nodes();
        LineNodes respaced = line.with((int) (share * line.segments));
        assertThat(respaced.lengthMetres()).isCloseTo(line.lengthMetres(), within(1e-9));
        for (int i = 0; i <= respaced.segments; i++) {
            double[] here = {respaced.x[i], respaced.y[i], respaced.heading[i], respaced.curvature[i]};
            assertThat(here).containsExactly(at(line, (double) i / respaced.segments), within(1e-6));
        }
    }

    @Test
    void turnsAsFarLeftAsRightOnAnEight() {
        LineNodes.TurnAngles eight = LineNodes.turning(TASK.route());
        assertThat(eight.left()).isCloseTo(eight.right(), within(0.02));
        assertThat(eight.together()).isBetween(2 * Math.PI, 4 * Math.PI);
        LineNodes.TurnAngles circle =
                LineNodes.turning(Tasks.course("circle").plan().route());
        assertThat(circle.left()).isCloseTo(2 * Math.PI, within(0.1));
        assertThat(circle.right()).isCloseTo(0, within(1e-6));
    }
}
