package wrenlane.verdict;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wrenlane.course.Course;
import wrenlane.course.plan.Pace;
import wrenlane.course.plan.Route;
import wrenlane.course.plan.RouteEnd;
import wrenlane.machine.Side;
import wrenlane.plane.Point;
import wrenlane.rideline.CheckedLine;
import wrenlane.rideline.LinePoint;
import wrenlane.rideline.LineProfile;
import wrenlane.rideline.LineTask;
import wrenlane.rideline.solve.LineSearch;
import wrenlane.riding.Footprint;
import wrenlane.riding.Ride;
import wrenlane.riding.RidingPoint;
import wrenlane.riding.RidingStyle;
import wrenlane.riding.TurnLimits;

/**
 * What one mistake costs on a course, all else ridden as well as can be.
 *
 * <p>The line with the most room is taken as the one meant to be ridden. Each mistake moves where the rider is, or changes
 * what they have to turn with; the line with the most room is then looked for anew from there, so that the cost is what no
 * skill afterwards brings back. It is computed at the speed of the fit, which is that to ride at.
 *
 * <p>Where no line obeys the limits after a mistake, they are widened by steps of a seventh until one does. More turn never
 * leaves less room, so what is lost then is lost at least.
 *
 * @param mistake which
 * @param clearanceMetres left after it, negative where it lacks; empty where no line was found, and none ruled out
 * @param lostMetres room lost by it, at least zero; empty with the room
 * @param orMore whether that is the least it costs
 */
public record MistakeCost(
        Mistake mistake, Optional<Double> clearanceMetres, Optional<Double> lostMetres, boolean orMore) {
    /** What goes wrong. */
    public enum Mistake {
        /** Begun half a metre nearer to the inside of the first turn; where nothing may be chosen, to the worse side. */
        ENTERED_HALF_A_METRE_OFF,
        ENTERED_A_METRE_OFF,
        /** Straight on for half a second where the first turn begins. */
        TURNED_IN_LATE,
        /** The same bars, half a second before. */
        TURNED_IN_EARLY,
        /** 3 km/h below the speed to ride at. */
        SLOWER,
        FASTER,
        /** At the speed to ride at with the machine held upright and the body leaned in instead. */
        UPRIGHT
    }

    /** Half a second, in s; chosen by us: what a late look costs. */
    static final double LATE_SECONDS = 0.5;

    /** 3 km/h, in m/s: what a speed held by feel strays. */
    static final double STRAYED = 3 / 3.6;

    /** Below this nobody rides with the feet up, in m/s: 2 km/h. */
    private static final double SLOWEST = 2 / 3.6;

    /**
     * What each mistake costs, the worst first; one that was not solved comes last. Empty on a course without a turn.
     *
     * @param fit of the course for this ride
     */
    public static List<MistakeCost> of(Course course, Ride ride, CourseFit fit) {
        return course.kind().isStraight() ? List.of() : new Costs(course, ride, fit).all();
    }

    private static final class Costs {
        private final Course course;
        private final Ride ride;
        private final CheckedLine best;
        private final LineTask task;
        private final double here;
        private final List<MistakeCost> costs = new ArrayList<>();

        Costs(Course course, Ride ride, CourseFit fit) {
            this.course = course;
            this.ride = ride;
            best = fit.roomiest();
            task = on(fit.task().route().withoutEnds(), fit.task().limits());
            here = fit.roomiest().binding().clearanceMetres();
        }

        List<MistakeCost> all() {
            Optional<LineProfile.Phase> turn =
                    LineProfile.turnsIn(best).stream().findFirst();
            turn.ifPresent(t -> {
                add(Mistake.ENTERED_HALF_A_METRE_OFF, entered(0.5, t.side()));
                add(Mistake.ENTERED_A_METRE_OFF, entered(1, t.side()));
            });
            double speed = task.limits().speedMetresPerSecond();
            if (task.route().pace() == Pace.ROLLING) {
                turn.ifPresent(t -> {
                    add(Mistake.TURNED_IN_LATE, late(t, LATE_SECONDS * speed));
                    early(t, LATE_SECONDS * speed).ifPresent(clearance -> add(Mistake.TURNED_IN_EARLY, clearance));
                });
                if (speed - STRAYED >= SLOWEST) {
                    add(Mistake.SLOWER, at(speed - STRAYED));
                }
                add(Mistake.FASTER, at(speed + STRAYED));
                add(Mistake.UPRIGHT, clearance(on(task.route(), upright())));
            }
            costs.sort(Comparator.comparingDouble((MistakeCost c) -> -c.lostMetres.orElse(-1.0)));
            return List.copyOf(costs);
        }

        private void add(Mistake mistake, RemainingClearance left) {
            Optional<Double> clearance = left.metres();
            costs.add(new MistakeCost(mistake, clearance, clearance.map(r -> Math.max(0, here - r)), left.orLess()));
        }

        private RemainingClearance entered(double off, Side turn) {
            RouteEnd start = task.route().start();
            double across = start.acrossMetres(best.at(0).rear());
            if (start.leftMetres() + start.rightMetres() > 0) {
                return beginning(across + turn.sign() * off);
            }
            return beginning(across + off).lesser(beginning(across - off));
        }

        /** The room from a start so far to the left of the middle, in metres. */
        private RemainingClearance beginning(double across) {
            RouteEnd s = task.route().start();
            RouteEnd begun = new RouteEnd(
                    s.aside(across), s.headingRadians(), 0, 0, s.headingFreeRadians(), s.barsTurned(), s.curvature());
            return clearance(on(task.route().from(0, begun), task.limits()));
        }

        /** Straight on where the turn begins, for so many metres. */
        private RemainingClearance late(LineProfile.Phase turn, double metres) {
            LinePoint at = best.at(turn.fromMetres());
            Route rest = task.route()
                    .from(station(turn.fromMetres()), RouteEnd.exactly(at.rear(), at.headingRadians(), 0))
                    .with(new Route.RouteLeg(Side.LEFT, 0, metres))
                    .with(new Route.RouteLeg(Side.RIGHT, 0, metres));
            return clearance(on(rest, task.limits()));
        }

        /** Into the turn so many metres before, as the line goes into it; empty where the way begins too near for that. */
        private Optional<RemainingClearance> early(LineProfile.Phase turn, double metres) {
            double from = turn.fromMetres() - metres;
            if (from < 0) {
                return Optional.empty();
            }
            LinePoint at = best.at(from);
            double heading = at.headingRadians();
            double x = at.rear().x();
            double y = at.rear().y();
            double step = metres / STEPS;
            for (int i = 0; i < STEPS; i++) {
                heading += step * best.at(turn.fromMetres() + (i + 0.5) * step).curvature();
                x += step * Math.cos(heading);
                y += step * Math.sin(heading);
            }
            double curvature = best.at(turn.fromMetres() + metres).curvature();
            Route rest = task.route()
                    .from(station(turn.fromMetres()), RouteEnd.exactly(new Point(x, y), heading, curvature));
            return Optional.of(clearance(on(rest, task.limits())));
        }

        /** Steps in which half a second is ridden, chosen by us: each a few centimetres. */
        private static final int STEPS = 40;

        private RemainingClearance at(double speed) {
            LineTask there = LineTask.of(course, ride, speed);
            return clearance(on(task.route(), there.limits()));
        }

        /**
         * The turn of a machine held upright: at most that of full lock without lean, and what the body balances that leans in
         * instead, κ = g tan β / v² with β = {@link RidingStyle#MOST_BODY_OUT_RADIANS}, for it leans in no further than out.
         */
        private TurnLimits upright() {
            TurnLimits l = task.limits();
            double v = l.speedMetresPerSecond();
            double balanced = RidingPoint.GRAVITY * Math.tan(RidingStyle.MOST_BODY_OUT_RADIANS) / (v * v);
            return new TurnLimits(
                    upright(Side.LEFT, Math.min(l.left(), balanced)),
                    upright(Side.RIGHT, Math.min(l.right(), balanced)),
                    l.rate(),
                    0);
        }

        private double upright(Side side, double most) {
            return Math.min(most, ride.turn().fullLock(side, 0).curvature());
        }

        private LineTask on(Route route, TurnLimits limits) {
            return new LineTask(route, Footprint.of(ride.turn()), limits);
        }

        private double station(double metres) {
            return metres * task.route().lengthMetres() / best.line().lengthMetres();
        }

        private static RemainingClearance clearance(LineTask task) {
            TurnLimits limits = task.limits();
            for (int widened = 0; widened <= MOST_WIDENED; widened++) {
                LineSearch.FoundLine found =
                        new LineSearch(new LineTask(task.route(), task.footprint(), limits)).roomiest(null);
                if (found.checked().obeysTheRider()) {
                    return new RemainingClearance(Optional.of(found.clearance()), widened > 0);
                }
                limits = limits.withCurvatures(WIDER);
            }
            return RemainingClearance.UNKNOWN;
        }

        private static final double WIDER = 8 / 7.0;

        /** Up to nearly four times the turn; chosen by us. */
        private static final int MOST_WIDENED = 10;
    }

    /** Room left after a mistake in metres, where a line was found; that much or less where the limits were widened for it. */
    private record RemainingClearance(Optional<Double> metres, boolean orLess) {
        static final RemainingClearance UNKNOWN = new RemainingClearance(Optional.empty(), false);

        RemainingClearance lesser(RemainingClearance other) {
            if (metres.isEmpty() || other.metres.isEmpty()) {
                return UNKNOWN;
            }
            return metres.get() <= other.metres.get() ? this : other;
        }
    }
}
