package wrenlane.rideline.solve;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.BitSet;
import java.util.Objects;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wrenlane.rideline.LineTask;
import wrenlane.riding.Footprint;
import wrenlane.riding.TurnLimits;

/** Small cases, searched through state by state: what can be reached at all, without any optimisation. */
class BruteForceTest {
    private static final double STEP = 0.25;
    private static final double CELL = 0.06;
    private static final double HEADING_CELL = 0.05;

    /** More cells than are met to either side of zero: along, across, of heading, and curvatures. */
    private static final int ALONG = 230;

    private static final int ACROSS = 300;
    private static final int HEADINGS = 66;
    private static final int CURVATURES = 15;

    private record State(double x, double y, double heading, int curvature) {
        /** Its number: millions are kept, each as one bit. */
        int cell() {
            int along = placed(Math.round(x / CELL), ALONG);
            int across = placed(Math.round(y / CELL), ACROSS);
            int turned = placed(Math.round(heading / HEADING_CELL), HEADINGS);
            return ((along * 2 * ACROSS + across) * 2 * HEADINGS + turned) * 2 * CURVATURES
                    + placed(curvature, CURVATURES);
        }

        private static int placed(long cell, int half) {
            return Objects.checkIndex((int) cell + half, 2 * half);
        }
    }

    /** Whether it was not marked before. */
    private static boolean marked(BitSet seen, State s) {
        int cell = s.cell();
        boolean before = seen.get(cell);
        seen.set(cell);
        return !before;
    }

    /** The reference U-turn, p = 1.36 m, K = 1/1.87, σ = 0.15, bars one way only: 4.53 m without tyre. */
    @ParameterizedTest
    @CsvSource({"4.2, false", "4.35, false", "4.75, true", "5.2, true"})
    void agreesOnTheUTurn(double width, boolean fits) {
        double k = 1 / 1.87;
        LineTask task = new LineTask(
                Tasks.with(Tasks.course("u-turn-box", width), "swingOut", "NONE")
                        .plan()
                        .route(),
                new Footprint(1.36, 0, 0.8),
                new TurnLimits(k, k, 0.15, 0));
        assertThat(new LineSearch(task).roomiest(null).holds()).isEqualTo(fits);
        assertThat(reachesRound(width, 7.5, 1.36, k, 0.15)).isEqualTo(fits);
    }

    private static boolean reachesRound(double width, double depth, double p, double limit, double rate) {
        double unit = rate * STEP;
        int most = (int) Math.floor(limit / unit);
        ArrayDeque<State> open = new ArrayDeque<>();
        BitSet seen = new BitSet();
        for (double y = 0; y < width / 4; y += CELL / 2) {
            for (double x = 0; x < 3; x += 0.5) {
                open.add(new State(x, y, 0, 0));
            }
        }
        while (!open.isEmpty()) {
            State s = open.poll();
            for (int change = -1; change <= 1; change++) {
                int c = s.curvature() + change;
                if (c < 0 || c > most) {
                    continue;
                }
                State next = moved(s, c, unit);
                if (next.heading() > Math.PI + 0.1 || !inBox(next, width, depth, p)) {
                    continue;
                }
                // The last ramp may end a step's turn early or late.
                if (c <= 1 && next.heading() > Math.PI - 0.06) {
                    return true;
                }
                if (marked(seen, next)) {
                    open.add(next);
                }
            }
        }
        return false;
    }

    private static State moved(State s, int curvature, double unit) {
        double heading = s.heading() + STEP * unit * (s.curvature() + curvature) / 2;
        double middle = (s.heading() + heading) / 2;
        return new State(s.x() + STEP * Math.cos(middle), s.y() + STEP * Math.sin(middle), heading, curvature);
    }

    private static boolean inBox(State s, double width, double depth, double p) {
        double frontX = s.x() + p * Math.cos(s.heading());
        double frontY = s.y() + p * Math.sin(s.heading());
        return s.y() >= 0 && frontY >= 0 && s.y() <= width && frontY <= width && s.x() <= depth && frontX <= depth;
    }

    /** A weave of three cones, 4 m apart, 0.6 m off each: reached with more curvature than the peak, not with less. */
    @ParameterizedTest
    @CsvSource({"1.2, true", "0.8, false"})
    void agreesOnTheWeave(double ofPeak, boolean reached) {
        LineTask task = Tasks.weave(3, 4, 0.5);
        LineSolver.Outcome easiest = new LineSolver(task, LineAim.easiest(0)).solve(LineNodes.along(task.route()));
        double peak = easiest.share() * task.limits().left();
        assertThat(weaves(3, 4, ofPeak * peak, 0.5)).isEqualTo(reached);
    }

    private static boolean weaves(int cones, double spacing, double limit, double rate) {
        int levels = 8;
        double unit = limit / levels;
        int change = Math.max(1, (int) Math.round(rate * STEP / unit));
        ArrayDeque<State> open = new ArrayDeque<>();
        BitSet seen = new BitSet();
        for (int c = -levels; c <= levels; c++) {
            open.add(new State(-5, 0, 0, c));
        }
        double end = (cones - 1) * spacing + 5;
        while (!open.isEmpty()) {
            State s = open.poll();
            for (int d = -change; d <= change; d++) {
                int c = s.curvature() + d;
                if (Math.abs(c) > levels) {
                    continue;
                }
                State next = moved(s, c, unit);
                if (Math.abs(next.heading()) > 1.2 || !clear(s, next, cones, spacing)) {
                    continue;
                }
                if (next.x() >= end - STEP / 2) {
                    if (Math.abs(next.y()) < 0.06 && Math.abs(next.heading()) < 0.05) {
                        return true;
                    }
                    continue;
                }
                if (marked(seen, next)) {
                    open.add(next);
                }
            }
        }
        return false;
    }

    /** Passes each cone on its side where the step crosses it, and 0.6 m off all the way, but for a cell. */
    private static boolean clear(State from, State to, int cones, double spacing) {
        for (int i = 0; i < cones; i++) {
            double x = i * spacing;
            if (from.x() < x && to.x() >= x && Math.signum(to.y()) != (i % 2 == 0 ? -1 : 1)) {
                return false;
            }
            double near = 0.6 - CELL / 4;
            if ((to.x() - x) * (to.x() - x) + to.y() * to.y() < near * near) {
                return false;
            }
        }
        return true;
    }
}
