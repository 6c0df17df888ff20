package wrenlane.verdict;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import wrenlane.course.Course;
import wrenlane.course.plan.Barrier;
import wrenlane.machine.Side;
import wrenlane.plane.Point;
import wrenlane.rideline.CheckedLine;
import wrenlane.rideline.LinePoint;
import wrenlane.rideline.LineProfile;
import wrenlane.riding.Ground;
import wrenlane.riding.RunOut;

/**
 * A mark to ride a line by, chalked on the ground where the front wheel passes, or a place to stand.
 *
 * <p>A turn begins where its bars begin to go. The head is round 1.5 s before: the machine follows the eyes, and eyes that
 * only turn with the bars are late. What is looked at is where the next turn begins; in the last, the instructor, who
 * stands beyond the exit where no machine gets that goes straight on from anywhere on the line.
 *
 * @param use what it is for
 * @param label as chalked
 * @param at where, in the course's axes
 * @param what to do there, in a few words
 */
public record RidingMark(Use use, String label, Point at, String what) {
    /** What a mark is for. */
    public enum Use {
        HEAD_ROUND,
        TURN_IN,
        INSTRUCTOR
    }

    /** The head is round so long before the bars go, in s; from practice. */
    static final double AHEAD_SECONDS = 1.5;

    /** Said where nobody can stand safely. */
    static final String NO_PLACE = "look to the exit; there is no safe place for the instructor beyond it";

    /** More bends than this are one rhythm, and are not chalked one by one; chosen by us. */
    private static final int MOST_BENDS = 3;

    /**
     * The marks of a line in the order they are come to; none where it does not turn. The instructor stands off all that is
     * ridden there by any machine, to either side.
     */
    public static List<RidingMark> of(Course course, CourseFit fit, CheckedLine line) {
        return of(course, fit, line, place -> true);
    }

    /**
     * The same on a yard.
     *
     * @param onYard whether a place, in the course's axes, is one to stand on
     */
    public static List<RidingMark> of(Course course, CourseFit fit, CheckedLine line, Predicate<Point> onYard) {
        Ground closed = Ground.closedToPeople(course);
        return new Marks(onYard.and(place -> !closed.holds(place)), fit, line).all();
    }

    private static final class Marks {
        private final Predicate<Point> open;
        private final CheckedLine line;
        private final double speed;

        /** Nobody stands nearer to the way of the wheels, in metres: beside the widest point, leaned as far as it is. */
        private final double clear;

        private final List<LineProfile.Phase> bends;
        private final List<RidingMark> marks = new ArrayList<>();

        Marks(Predicate<Point> open, CourseFit fit, CheckedLine line) {
            this.open = open;
            this.line = line;
            speed = fit.task().limits().speedMetresPerSecond();
            clear = Ground.PEOPLE_METRES
                    + fit.task().footprint().reachMetres(Barrier.LINE_HEIGHT_METRES, fit.leanRadians(line));
            bends = LineProfile.turnsIn(line);
        }

        List<RidingMark> all() {
            if (bends.isEmpty()) {
                return List.of();
            }
            Optional<Point> standing = standing();
            int chalked = bends.size() > MOST_BENDS ? 1 : bends.size();
            for (int i = 0; i < chalked; i++) {
                String look = i + 1 < chalked
                        ? "look to " + label("T", i + 1, chalked)
                        : chalked < bends.size()
                                ? "look two turns ahead"
                                : standing.isPresent() ? "look to the instructor at I" : NO_PLACE;
                double from = bends.get(i).fromMetres();
                double head = from - AHEAD_SECONDS * speed;
                // Within the turn before, the head is still where that turn needs it.
                if (speed > 0 && (i == 0 || head > bends.get(i - 1).toMetres())) {
                    add(Use.HEAD_ROUND, label("H", i, chalked), frontAt(head), "head round by here, " + look);
                }
                add(Use.TURN_IN, label("T", i, chalked), frontAt(from), "the turn begins, " + look);
            }
            standing.ifPresent(at -> add(Use.INSTRUCTOR, "I", at, "the instructor stands here to be looked at"));
            return List.copyOf(marks);
        }

        private void add(Use use, String label, Point at, String what) {
            marks.add(new RidingMark(use, label, at, what));
        }

        private static String label(String letter, int i, int of) {
            return of == 1 ? letter : letter + (i + 1);
        }

        /** The front contact at a distance along the line; before its start, on the way straight to it. */
        private Point frontAt(double metres) {
            LinePoint p = line.at(Math.max(0, metres));
            return ahead(p.front(), p.headingRadians(), Math.min(0, metres));
        }

        private static Point ahead(Point from, double heading, double metres) {
            return new Point(from.x() + metres * Math.cos(heading), from.y() + metres * Math.sin(heading));
        }

        /** Beyond the exit, on the outside of the last turn where that is clear; empty where nowhere near is. */
        private Optional<Point> standing() {
            List<LinePoint> points = line.line().points();
            LinePoint exit = points.get(points.size() - 1);
            double outwards = bends.get(bends.size() - 1).side() == Side.LEFT ? -Math.PI / 2 : Math.PI / 2;
            for (double beyond = NEAREST_METRES; beyond <= FARTHEST_METRES; beyond += 0.5) {
                Point abreast = ahead(exit.front(), exit.headingRadians(), beyond);
                for (double side : ASIDE_METRES) {
                    Point at = ahead(abreast, exit.headingRadians() + outwards, side);
                    if (clear(at, points)) {
                        return Optional.of(at);
                    }
                }
            }
            return Optional.empty();
        }

        /** How far beyond the exit it is looked for a place to stand, in metres. */
        private static final double NEAREST_METRES = 3;

        private static final double FARTHEST_METRES = 25;

        /** And how far aside of it, the outside of the last turn first, in metres. */
        private static final double[] ASIDE_METRES = {2, 3, 4, 5, 6, 8, -2, -3, -4, -5, -6, -8};

        private boolean clear(Point at, List<LinePoint> points) {
            double runOut = RunOut.metres(speed);
            return open.test(at)
                    && points.stream().allMatch(p -> {
                        double cos = Math.cos(p.headingRadians());
                        double sin = Math.sin(p.headingRadians());
                        double dx = at.x() - p.rear().x();
                        double dy = at.y() - p.rear().y();
                        double most = p.rear().distanceTo(p.front()) + runOut;
                        double along = Math.min(most, Math.max(0, dx * cos + dy * sin));
                        return Math.hypot(dx - along * cos, dy - along * sin) >= clear;
                    });
        }
    }
}
