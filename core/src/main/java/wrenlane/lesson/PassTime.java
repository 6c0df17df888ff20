package wrenlane.lesson;

import java.util.List;
import java.util.Optional;
import wrenlane.drill.DrillRiding.SpeedBand;
import wrenlane.plane.Point;

/**
 * How long one run takes with what belongs to it: an estimate.
 *
 * <p>t = L/v + D/w + c, with L the length of the way through, v the middle of the speeds it is ridden at, D from its end
 * back to its start, w {@link #BACK_SPEED} and c {@link #WORD_SECONDS} for the word in between.
 */
public final class PassTime {
    /** Riding back to the start, m/s: 10 km/h; from practice. */
    private static final double BACK_SPEED = 10 / 3.6;

    /** A word, and getting ready, in seconds; from practice, an estimate. */
    private static final int WORD_SECONDS = 15;

    /** Taken where a drill does not say how fast it is ridden, m/s: 8 km/h. */
    private static final double USUAL_SPEED = 8 / 3.6;

    private PassTime() {}

    /**
     * The time of one run, in whole seconds.
     *
     * @param way points along the way through, in metres; at least two
     */
    public static int seconds(List<Point> way, Optional<SpeedBand> speed) {
        if (way.size() < 2) {
            throw new IllegalArgumentException("way has " + way.size() + " points; it needs at least two");
        }
        double length = 0;
        for (int i = 1; i < way.size(); i++) {
            length += way.get(i - 1).distanceTo(way.get(i));
        }
        double ridden = speed.map(s -> (s.lowMetresPerSecond() + s.highMetresPerSecond()) / 2)
                .orElse(USUAL_SPEED);
        double back = way.get(way.size() - 1).distanceTo(way.get(0));
        return (int) Math.ceil(length / ridden + back / BACK_SPEED + WORD_SECONDS);
    }
}
