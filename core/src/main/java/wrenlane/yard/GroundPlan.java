package wrenlane.yard;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import wrenlane.finding.Finding;
import wrenlane.finding.Sentence;
import wrenlane.plane.Point;
import wrenlane.riding.Ground;

/** Courses standing on a yard at the same time, and what is unsafe about it. */
public record GroundPlan(Yard yard, List<PlacedGround> courses) {
    /** Overlaps smaller than this are touching, in metres: what a tape can tell. */
    static final double TOUCHING_METRES = 0.005;

    /** Side of the square where riders wait, in metres; chosen by us: room for a few machines side by side. */
    static final double WAITING_METRES = 4;

    private static final Ground WAITING = new Ground(0, WAITING_METRES, 0, WAITING_METRES);

    /** Fall down which a turn had better not be entered, in percent; chosen by us: what a waiting machine rolls on. */
    private static final double DOWNHILL_PERCENT = 1;

    /** Code of the finding that a course is entered downhill. */
    static final String DOWNHILL = "downhill-into-turn";

    public GroundPlan {
        courses = List.copyOf(courses);
    }

    /**
     * Everything unsafe, each with the course it is about.
     *
     * @param novices whether anybody of the day is one
     */
    public List<Finding> findings(boolean novices) {
        return findings(
                novices,
                new Conflicts(yard),
                new AccessGround(yard),
                FreeSpace.of(yard).forPeople(courses));
    }

    /** The same, with what is known of the yard already, and of the ground that is left for riders who wait. */
    List<Finding> findings(boolean novices, Conflicts conflicts, AccessGround access, FreeSpace free) {
        List<Finding> findings = new ArrayList<>();
        for (int i = 0; i < courses.size(); i++) {
            PlacedGround c = courses.get(i);
            conflicts.withTheRim(c).ifPresent(findings::add);
            findings.addAll(conflicts.withObstacles(c));
            findings.addAll(conflicts.withSlipperyGround(c));
            for (PlacedGround other : courses.subList(i + 1, courses.size())) {
                Optional<Finding> between = Conflicts.between(c, other);
                between.ifPresent(findings::add);
                between.flatMap(shared -> Conflicts.onOneSpot(c, other)).ifPresent(findings::add);
            }
            slope(c, novices).ifPresent(findings::add);
        }
        for (PlacedGround c : access.closedTo(courses)) {
            Conflicts.found(
                            "no-way-in",
                            c,
                            "There is no path %s wide from the entrance to %s that leaves the other courses alone.",
                            Sentence.metres(AccessGround.PATH_METRES, 1),
                            c.name())
                    .ifPresent(findings::add);
        }
        if (!courses.isEmpty()
                && waitingTurns(free).allMatch(turn -> free.moves(WAITING, turn).isEmpty())) {
            findings.add(new Finding(
                    "no-waiting-spot",
                    "yard",
                    Sentence.of(
                            "No square of %s by %s is left for riders who wait and for onlookers, %s clear of"
                                    + " everything that is ridden and its run-outs. Let them stand off the yard.",
                            Sentence.metres(WAITING_METRES, 0),
                            Sentence.metres(WAITING_METRES, 0),
                            Sentence.metres(Ground.PEOPLE_METRES, 0))));
        }
        return findings;
    }

    private Optional<Finding> slope(PlacedGround c, boolean novices) {
        if (!c.ground().turns()) {
            return Optional.empty();
        }
        if (novices && yard.fall().percent() > Yard.NOVICE_FALL_PERCENT) {
            return Conflicts.found(
                    "fall-in-turn",
                    c,
                    "%s turns on ground that falls %.1f %%, and there are novices: above %.0f %% machines drop on the"
                            + " downhill side.",
                    c.name(),
                    yard.fall().percent(),
                    Yard.NOVICE_FALL_PERCENT);
        }
        double down = yard.fall().downhillPercent(c.startHeadingRadians());
        return down > DOWNHILL_PERCENT
                ? Conflicts.found(
                        DOWNHILL, c, "%s is entered downhill (%.1f %%). Turned round, it would climb.", c.name(), down)
                : Optional.empty();
    }

    /** A square two metres clear of everything that is ridden and its run-outs, as near to the entrance as there is one; its middle, in the yard's axes. */
    public Optional<Point> waiting() {
        FreeSpace free = FreeSpace.of(yard).forPeople(courses);
        Point near = yard.entrance().orElse(yard.outline().get(0));
        return waitingTurns(free)
                .flatMap(turn -> {
                    CoursePlacement turned = new CoursePlacement(0, 0, turn);
                    Point middle = turned.toYard(WAITING.middle());
                    return Arrays.stream(free.moves(WAITING, turn).getCoordinates())
                            .map(move -> new Point(middle.x() + move.x, middle.y() + move.y));
                })
                .min(Comparator.comparingDouble(p -> p.distanceTo(near)));
    }

    /** A square turned by a quarter is the same one. */
    private static Stream<Double> waitingTurns(FreeSpace free) {
        return free.turns().stream().limit(free.turns().size() / 4);
    }
}
