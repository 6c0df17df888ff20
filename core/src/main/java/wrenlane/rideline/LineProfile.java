package wrenlane.rideline;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.machine.SteeredTurn;

/**
 * What happens along a line: lean, bars and room, and where each turn is rolled into, held and rolled out of.
 *
 * @param places some centimetres apart, from the start to the end
 * @param phases in order; straight stretches lie between them
 */
public record LineProfile(List<Place> places, List<Phase> phases) {
    /** Below this share of a turn's tightest, it is being rolled into or out of. */
    private static final double HELD_SHARE = 0.95;

    /** Curvature below which the way is straight, 1/m: a radius of 50 m. */
    private static final double STRAIGHT = 0.02;

    /**
     * Every so many points of the 2 cm line: from chord to arc it is s²/8r, 2 mm at 16 cm and the tightest turn there is, less
     * than a drawing shows.
     */
    private static final int EVERY = 8;

    public LineProfile {
        places = List.copyOf(places);
        phases = List.copyOf(phases);
    }

    /**
     * One place along the line.
     *
     * @param distanceMetres from the start
     * @param leanRadians of steady balance, left positive
     * @param barsRadians bar angle about the steering axis, left positive
     * @param clearanceMetres to the nearest thing kept clear of
     */
    public record Place(double distanceMetres, double leanRadians, double barsRadians, double clearanceMetres) {}

    /** What is done on a stretch. */
    public enum RidingAction {
        ROLLS_IN,
        HOLDS,
        ROLLS_OUT
    }

    /** One stretch of a turn. */
    public record Phase(RidingAction doing, Side side, double fromMetres, double toMetres) {}

    /** The profile of a line. */
    public static LineProfile of(LineTask task, CheckedLine checked, MachineTurn turn) {
        double toStation = task.route().lengthMetres() / checked.line().lengthMetres();
        List<Place> places = points(checked.line()).stream()
                .map(p -> {
                    double lean = task.limits().leanRadians(p.curvature());
                    return new Place(
                            p.distanceMetres(),
                            lean,
                            SteeredTurn.steerRadians(turn.wheelbaseMetres(), p.curvature(), turn.casterRadians(), lean),
                            LineChecker.clearanceAt(task, p, toStation));
                })
                .toList();
        return new LineProfile(places, phases(checked.line().points()));
    }

    /** The points of a line that the places stand at. */
    public static List<LinePoint> points(RideLine line) {
        List<LinePoint> all = line.points();
        return IntStream.range(0, all.size())
                .filter(i -> i % EVERY == 0 || i == all.size() - 1)
                .mapToObj(all::get)
                .toList();
    }

    /** Where the turns of a line that matter are rolled into: those at least half as tight as its tightest. */
    public static List<Phase> turnsIn(CheckedLine line) {
        double tight = TIGHT_SHARE * line.line().peakCurvature();
        return phases(line.line().points()).stream()
                .filter(p -> p.doing() == RidingAction.ROLLS_IN
                        && Math.abs(line.at(p.toMetres()).curvature()) >= tight)
                .toList();
    }

    private static final double TIGHT_SHARE = 0.5;

    private static List<Phase> phases(List<LinePoint> points) {
        List<Phase> phases = new ArrayList<>();
        int from = 0;
        while (from < points.size()) {
            double sign = Math.signum(points.get(from).curvature());
            int to = from;
            double peak = 0;
            while (to < points.size()
                    && Math.abs(points.get(to).curvature()) >= STRAIGHT
                    && Math.signum(points.get(to).curvature()) == sign) {
                peak = Math.max(peak, Math.abs(points.get(to).curvature()));
                to++;
            }
            if (to > from) {
                addTurn(phases, points.subList(from, to), peak, sign > 0 ? Side.LEFT : Side.RIGHT);
            }
            from = Math.max(to, from + 1);
        }
        return phases;
    }

    private static void addTurn(List<Phase> phases, List<LinePoint> turn, double peak, Side side) {
        int first = 0;
        while (Math.abs(turn.get(first).curvature()) < HELD_SHARE * peak) {
            first++;
        }
        int last = turn.size() - 1;
        while (Math.abs(turn.get(last).curvature()) < HELD_SHARE * peak) {
            last--;
        }
        add(phases, RidingAction.ROLLS_IN, side, turn.get(0), turn.get(first));
        add(phases, RidingAction.HOLDS, side, turn.get(first), turn.get(last));
        add(phases, RidingAction.ROLLS_OUT, side, turn.get(last), turn.get(turn.size() - 1));
    }

    private static void add(List<Phase> phases, RidingAction doing, Side side, LinePoint from, LinePoint to) {
        if (to.distanceMetres() > from.distanceMetres()) {
            phases.add(new Phase(doing, side, from.distanceMetres(), to.distanceMetres()));
        }
    }
}
