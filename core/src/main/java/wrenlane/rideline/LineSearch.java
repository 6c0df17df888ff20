package wrenlane.rideline;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wrenlane.rideline.LineSolver.Aim;
import wrenlane.rideline.LineSolver.Outcome;

/**
 * Looks for the lines of a task, from more than one guess, and believes only what the {@link LineChecker} finds again.
 */
final class LineSearch {
    /** Share of curvature and rate kept back from the solver, so that its last digits never break a rule. */
    private static final double KEPT_BACK = 2e-4;

    /** Room asked of the easiest line, in metres, for the same reason. */
    private static final double KEPT_CLEAR_METRES = 5e-4;

    private final LineTask task;
    private final LineTask tightened;

    LineSearch(LineTask task) {
        this.task = task;
        this.tightened = new LineTask(task.route(), task.footprint(), scaled(task.limits(), 1 - KEPT_BACK));
    }

    private static TurnLimits scaled(TurnLimits l, double share) {
        return new TurnLimits(l.left() * share, l.right() * share, l.rate() * share, l.speedMetresPerSecond());
    }

    /**
     * A line found.
     *
     * @param nodes to start the next search from
     * @param checked the line as ridden again
     * @param settled whether the search came to rest there
     */
    record Found(LineNodes nodes, CheckedLine checked, boolean settled) {
        double room() {
            return checked.binding().roomMetres();
        }

        boolean holds() {
            return checked.holds();
        }
    }

    /**
     * The line with the most room, from a line of a like task if there is one, else from the route itself; where that
     * does not fit, from the easiest line too, since the first guess may have led astray.
     */
    Found roomiest(@Nullable LineNodes like) {
        LineNodes guess = like == null ? LineNodes.along(task.route()) : like;
        Found first = found(Aim.MOST_ROOM, guess, 0);
        if (first.holds()) {
            return first;
        }
        Found best = first;
        if (like != null) {
            best = better(best, found(Aim.MOST_ROOM, LineNodes.along(task.route()), 0));
        }
        if (!best.holds()) {
            LineNodes easy = new LineSolver(tightened, Aim.EASIEST, 0)
                    .solve(LineNodes.along(task.route()))
                    .line();
            best = better(best, found(Aim.MOST_ROOM, easy, 0));
        }
        return best;
    }

    /** As {@link #roomiest}, but one guess only: enough to follow a line that is known. */
    Found follow(LineNodes like) {
        return found(Aim.MOST_ROOM, like, 0);
    }

    /**
     * Whether any line holds: as {@link #roomiest}, but content with the first line that has a hair of room.
     *
     * @param like a line of a like task, if there is one
     * @return the line, or the best there was
     */
    Found any(@Nullable LineNodes like) {
        Found best = null;
        for (LineNodes guess :
                like == null ? List.of(LineNodes.along(task.route())) : List.of(like, LineNodes.along(task.route()))) {
            Found found = found(LineSolver.withRoom(tightened, HAIR_METRES), guess);
            if (found.holds()) {
                return found;
            }
            best = best == null ? found : better(best, found);
        }
        LineNodes easy = new LineSolver(tightened, Aim.EASIEST, 0)
                .solve(LineNodes.along(task.route()))
                .line();
        Found last = found(LineSolver.withRoom(tightened, HAIR_METRES), easy);
        return best == null ? last : better(best, last);
    }

    /**
     * The room there is, followed from a line of a like task if there is one; looked for from more guesses only where
     * little is lacking, so that a line is not missed.
     */
    Found probe(@Nullable LineNodes like) {
        Found first = found(Aim.MOST_ROOM, like == null ? LineNodes.along(task.route()) : like, 0);
        return first.holds() || first.room() < -CLEARLY_LACKING_METRES ? first : better(first, roomiest(null));
    }

    private static final double CLEARLY_LACKING_METRES = 0.15;

    private static final double HAIR_METRES = 1e-3;

    private static Found better(Found a, Found b) {
        boolean rideable = b.checked().obeysTheRider();
        if (a.checked().obeysTheRider() != rideable) {
            return rideable ? b : a;
        }
        return b.room() > a.room() ? b : a;
    }

    /** The easiest line that clears everything, from one that does; empty where none was found that holds. */
    Optional<Found> easiest(LineNodes from) {
        Found easy = found(Aim.EASIEST, from, KEPT_CLEAR_METRES);
        return easy.holds() ? Optional.of(easy) : Optional.empty();
    }

    /** The smoothest of the lines as easy as one; itself where none holds that is smoother. */
    Found smoothed(Found easy) {
        Found smooth =
                found(LineSolver.smoothing(tightened, easy.checked().turnUsed(), KEPT_CLEAR_METRES), easy.nodes());
        return smooth.holds() ? smooth : easy;
    }

    /** The share of the turn the easiest clear line would take, where it takes more than there is. */
    Optional<Double> shareWanted(LineNodes from) {
        for (LineNodes guess : List.of(LineNodes.along(task.route()), from)) {
            Outcome easy = new LineSolver(tightened, Aim.EASIEST, 0).solve(guess);
            if (easy.settled() && easy.room() > -CLEAR_TOLERANCE_METRES) {
                return Optional.of(easy.share() * (1 - KEPT_BACK));
            }
        }
        return Optional.empty();
    }

    /** A line that lacks less than this is clear, where only its share is asked, in metres. */
    private static final double CLEAR_TOLERANCE_METRES = 1e-3;

    private Found found(Aim aim, LineNodes guess, double clear) {
        return found(new LineSolver(tightened, aim, clear), guess);
    }

    private Found found(LineSolver solver, LineNodes guess) {
        Outcome outcome = solver.solve(guess);
        return new Found(outcome.line(), LineChecker.check(task, outcome.line()), outcome.settled());
    }
}
