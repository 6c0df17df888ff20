package wrenlane.rideline.solve;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wrenlane.rideline.CheckedLine;
import wrenlane.rideline.LineChecker;
import wrenlane.rideline.LineTask;
import wrenlane.rideline.solve.LineSolver.Outcome;
import wrenlane.riding.TurnLimits;

/**
 * Looks for the lines of a task, from more than one guess, and believes only what the {@link LineChecker} finds again.
 */
public final class LineSearch {
    /** Share of curvature and rate kept back from the solver, so that its last digits never break a rule. */
    private static final double KEPT_BACK = 2e-4;

    /** Room asked of the easiest line, in metres, for the same reason. */
    private static final double KEPT_CLEAR_METRES = 5e-4;

    /** No more room than this is looked for, in metres. */
    public static final double MOST_CLEARANCE_METRES = LineAim.MOST_CLEARANCE_METRES;

    private final LineTask task;
    private final LineTask tightened;

    /** The easiest line from the route, with no room asked: wanted twice where a course lacks room. */
    private @Nullable Outcome easiestFromRoute;

    public LineSearch(LineTask task) {
        this.task = task;
        this.tightened = new LineTask(task.route(), task.footprint(), scaled(task.limits(), 1 - KEPT_BACK));
    }

    private static TurnLimits scaled(TurnLimits l, double share) {
        return l.withCurvatures(share).withRate(l.rate() * share);
    }

    /**
     * A line found.
     *
     * @param nodes to start the next search from
     * @param checked the line as ridden again
     * @param settled whether the search came to rest there
     */
    public record FoundLine(LineNodes nodes, CheckedLine checked, boolean settled) {
        public double clearance() {
            return checked.binding().clearanceMetres();
        }

        private double steeringShare() {
            return checked.steeringShare();
        }

        /** Largest share of turn and quickness it asks for. */
        public double share() {
            return Math.max(checked.steeringShare(), checked.rateUsed());
        }

        /** Whether there may be room or not, as far as a line tells that was looked for to a centimetre or two. */
        public boolean isTooCloseToCallRoughly() {
            return Math.abs(clearance()) <= PLAIN_METRES && checked.obeysTheRider();
        }

        private boolean clears() {
            return checked.binding().clearanceMetres() >= 0 && checked.keepsToTheWay();
        }

        public boolean holds() {
            return checked.holds();
        }
    }

    /**
     * The line with the most room, from a line of a like task if there is one, else from the route itself; where that
     * does not fit, from the easiest line too, since the first guess may have led astray.
     */
    public FoundLine roomiest(@Nullable LineNodes like) {
        FoundLine first = found(mostClearance(), orRoute(like));
        return first.holds() ? first : lookedFurther(first);
    }

    private LineSolver mostClearance() {
        return new LineSolver(tightened, LineAim.mostClearance());
    }

    /**
     * The better of a line that does not hold and one from the easiest line. Where that takes more of the turn than there
     * is, two searches agree and no third is made.
     */
    private FoundLine lookedFurther(FoundLine first) {
        Outcome easy = easiestFromRoute();
        boolean agreed = clears(easy) && easy.share() > 1 + SHARE_TOLERANCE;
        return agreed ? first : better(first, found(mostClearance(), easy.line()));
    }

    private Outcome easiestFromRoute() {
        if (easiestFromRoute == null) {
            easiestFromRoute = easiestFrom(route());
        }
        return easiestFromRoute;
    }

    private Outcome easiestFrom(LineNodes guess) {
        return new LineSolver(tightened, LineAim.easiest(0)).solve(guess);
    }

    /** By less than this over the turn there is, as a share, the easiest line may yet be one. */
    private static final double SHARE_TOLERANCE = 5e-3;

    private LineNodes route() {
        return LineNodes.along(task.route());
    }

    private LineNodes orRoute(@Nullable LineNodes like) {
        return like == null ? route() : like;
    }

    /** As {@link #roomiest}, but one guess only: enough to follow a line that is known. */
    public FoundLine follow(LineNodes like) {
        return found(mostClearance(), like);
    }

    /**
     * The room along the line that is known, where that is followed from task to task: looked for from elsewhere too only
     * where little is lacking, so that it is not missed.
     */
    public FoundLine roomiestAlong(@Nullable LineNodes like) {
        FoundLine first = found(mostClearance(), orRoute(like));
        return first.holds() || plainlyLacks(first) ? first : lookedFurther(first);
    }

    /**
     * A line near one of a like task where one holds, content with the first that has a hair of room. One is not looked for
     * to the last centimetre.
     */
    public FoundLine near(LineNodes like) {
        FoundLine near = found(new LineSolver(tightened, LineAim.withClearanceRoughly(HAIR_METRES)), like);
        boolean aHairLacks = near.clearance() > -PLAIN_METRES && near.checked().obeysTheRider();
        return near.holds() || aHairLacks ? near : lookedFurther(near);
    }

    /**
     * As {@link #roomiest}, but to within a centimetre or two where there plainly is room. Where it plainly lacks, the line
     * is not looked for closer, but from elsewhere too: one followed from a line of another task may have been led astray.
     */
    public FoundLine roomiestRoughly(@Nullable LineNodes like) {
        return settledUnlessPlain(roughly(orRoute(like)));
    }

    /** The same where it may be too close to call: then, too, it is left at a centimetre or two. */
    public FoundLine roomiestAtALook(@Nullable LineNodes like) {
        FoundLine rough = roughly(orRoute(like));
        return rough.isTooCloseToCallRoughly() ? rough : settledUnlessPlain(rough);
    }

    private FoundLine settledUnlessPlain(FoundLine rough) {
        if (rough.holds() && rough.clearance() > PLAIN_METRES) {
            return rough;
        }
        return plainlyLacks(rough) ? lookedFurther(rough) : roomiest(rough.nodes());
    }

    private static boolean plainlyLacks(FoundLine found) {
        return found.clearance() < -PLAINLY_LACKING_METRES || found.share() > PLAINLY_OVER;
    }

    private static final double PLAINLY_LACKING_METRES = 0.15;

    /** Share of turn or quickness that nobody has who has no more than the limits, to within what a search leaves. */
    private static final double PLAINLY_OVER = 1.05;

    /** As {@link #follow}, to within a centimetre or two. */
    public FoundLine roughly(LineNodes like) {
        return found(new LineSolver(tightened, LineAim.withClearanceRoughly(LineAim.CONTENT_METRES)), like);
    }

    /** So much room is plainly some, however roughly it was looked for, in metres. */
    private static final double PLAIN_METRES = 0.03;

    private static final double HAIR_METRES = 1e-3;

    /** A line looked at roughly, brought to rest. */
    public FoundLine settled(FoundLine rough) {
        return better(rough, follow(rough.nodes()));
    }

    private static FoundLine better(FoundLine a, FoundLine b) {
        boolean rideable = b.checked().obeysTheRider();
        if (a.checked().obeysTheRider() != rideable) {
            return rideable ? b : a;
        }
        return b.clearance() > a.clearance() ? b : a;
    }

    /**
     * The easiest line that clears everything by so much, from one that does; empty where none was found that holds.
     *
     * @param clearMetres 0 for a line that only just clears
     */
    public Optional<FoundLine> easiest(LineNodes from, double clearMetres) {
        FoundLine easy = found(new LineSolver(tightened, LineAim.easiest(clearMetres + KEPT_CLEAR_METRES)), from);
        return easy.holds() && easy.clearance() >= clearMetres ? Optional.of(easy) : Optional.empty();
    }

    /**
     * The easiest line of all that clears everything, looked for from the one with the most room and from the route. Where
     * the course turns far the search ends at different lines, up to three percent apart, and no guess leads to the easiest
     * of them each time: if those two do not agree, it is looked for from one with room among nodes that stand closer, too.
     * Where nothing says where the turns to either side are ridden, the two may agree on a line that is up to 1.7 percent
     * above the easiest: there it is looked for among nodes that stand closer alone. Of 900 weaves, boxes and eights drawn at
     * random none lay more than a percent above a finer reference then.
     *
     * @param roomiest as found
     */
    public Optional<FoundLine> easiestOfAll(LineNodes roomiest) {
        if (turnsFreely()) {
            return easiestOf(List.of(roomyAmong(CLOSER_METRES), roomyAmong(CLOSEST_METRES)), 0);
        }
        List<FoundLine> two = easiestFrom(List.of(roomiest, route()), 0);
        if (LineNodes.turning(task.route()).together() <= HALF_A_TURN || agree(two)) {
            return easiest(two);
        }
        List<FoundLine> third = easiestFrom(List.of(roomyAmong(CLOSER_METRES)), 0);
        return easiest(Stream.concat(two.stream(), third.stream()).toList());
    }

    /** Whether it turns far to both sides, as it likes within a box. */
    private boolean turnsFreely() {
        return task.route().isBoundedAlike() && LineNodes.turning(task.route()).lesser() > HALF_A_TURN;
    }

    /** A line with room, looked for from the route among nodes that stand about so far apart. */
    private LineNodes roomyAmong(double metres) {
        return roughly(LineNodes.along(task.route(), metres)).nodes();
    }

    /** How far apart nodes stand that stand closer, in metres: of those tried the ones that lead to the easiest lines. */
    private static final double CLOSER_METRES = LineNodes.SPACING_METRES / 1.5;

    private static final double CLOSEST_METRES = LineNodes.SPACING_METRES / 2;

    private static boolean agree(List<FoundLine> two) {
        return two.size() == 2
                && Math.abs(two.get(0).steeringShare() - two.get(1).steeringShare())
                        < AGREED * two.get(0).steeringShare();
    }

    /** Lines that differ by less than this share of the turn are as easy. */
    private static final double AGREED = 2e-3;

    /** As {@link #easiest(LineNodes, double)}, from whichever guess ends at the least of the turn. */
    public Optional<FoundLine> easiestOf(List<LineNodes> guesses, double clearMetres) {
        return easiest(easiestFrom(guesses, clearMetres));
    }

    private List<FoundLine> easiestFrom(List<LineNodes> guesses, double clearMetres) {
        return guesses.stream()
                .flatMap(guess -> easiest(guess, clearMetres).stream())
                .toList();
    }

    private static Optional<FoundLine> easiest(List<FoundLine> found) {
        return found.stream().min(Comparator.comparingDouble(FoundLine::steeringShare));
    }

    /** The smoothest of the lines as easy as one, as clear as was asked; itself where none holds that is smoother. */
    public FoundLine smoothed(FoundLine easy, double clearMetres) {
        FoundLine smooth = found(
                new LineSolver(
                        tightened, LineAim.smoothest(easy.checked().steeringShare(), clearMetres + KEPT_CLEAR_METRES)),
                easy.nodes());
        return smooth.holds() && smooth.clearance() >= clearMetres ? smooth : easy;
    }

    /** The share of the turn the easiest clear line would take, where it takes more than there is. */
    public Optional<Double> shareWanted(LineNodes from) {
        return shareOf(easiestFromRoute()).or(() -> shareOf(easiestFrom(from)));
    }

    private static Optional<Double> shareOf(Outcome easy) {
        return clears(easy) ? Optional.of(easy.share() * (1 - KEPT_BACK)) : Optional.empty();
    }

    private static boolean clears(Outcome easy) {
        return easy.settled() && easy.clearance() > -CLEAR_TOLERANCE_METRES;
    }

    /**
     * The line that asks for the smallest share of turn and of quickness, scaled alike, that was found from several
     * guesses: the search ends at different lines where a course turns far. Empty where none clears everything and ends
     * where it should. The share is not held to be at most 1.
     */
    public Optional<FoundLine> gentlest(@Nullable LineNodes like) {
        return gentlest(like, KEPT_CLEAR_METRES).or(() -> gentlest(like, KEPT_CLEARER_METRES));
    }

    /** The same where lines are ridden again at places the solver did not look at, in metres: what was met, twice over. */
    private static final double KEPT_CLEARER_METRES = 5e-3;

    private Optional<FoundLine> gentlest(@Nullable LineNodes like, double clearMetres) {
        LineSolver solver = new LineSolver(task, LineAim.gentlest(clearMetres));
        Stream<LineNodes> more = LineNodes.turning(task.route()).together() <= HALF_A_TURN
                ? Stream.of()
                : Stream.of(solved(LineAim.muchClearance()), solved(LineAim.gentlest(WIDE_METRES)));
        Stream<LineNodes> guesses = Stream.concat(like == null ? Stream.of(route()) : Stream.of(like, route()), more);
        return guesses.map(guess -> found(solver, guess))
                .filter(FoundLine::clears)
                .min(Comparator.comparingDouble(FoundLine::share));
    }

    /** Up to half a turn and a little, in radians, every guess ends at the same line: met on every such course tried. */
    private static final double HALF_A_TURN = 1.1 * Math.PI;

    /** Room of a first guess that swings wide of everything, in metres. */
    private static final double WIDE_METRES = 0.3;

    private LineNodes solved(LineAim aim) {
        return new LineSolver(task, aim).solve(route()).line();
    }

    /** A line that lacks less than this is clear, where only its share is asked, in metres. */
    private static final double CLEAR_TOLERANCE_METRES = 1e-3;

    private FoundLine found(LineSolver solver, LineNodes guess) {
        Outcome outcome = solver.solve(guess);
        return new FoundLine(outcome.line(), outcome.line().checked(task), outcome.settled());
    }
}
