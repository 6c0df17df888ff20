package wrenlane.yard;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wrenlane.budget.Budget;
import wrenlane.course.plan.Cone;
import wrenlane.plane.Point;

/**
 * A place for a course where some of its cones are those of another that stands already.
 *
 * <p>Two cones of the one laid on two alike of the other, as far apart, fix a place: the second turned and moved so that the
 * middles meet and the lines between them lie on one another. All such pairs are tried, and each place is counted out. Where no
 * two can be shared, one is, with the course turned as it is.
 *
 * @param with number of the course it shares with
 * @param cones how many it shares, with all courses together
 */
public record SharedPlace(int with, int cones, CoursePlacement stand) {
    /** Most places told for each other course; chosen by us: the same cones can be shared in several ways. */
    private static final int MOST_EACH = 2;

    /** Of so many for each other course, with most cones, it is looked over what else they would lie. */
    private static final int MOST_LOOKED_AT = 40;

    /** Places closer than this are one, in metres and in radians. */
    private static final double SAME_METRES = 0.1;

    private static final double SAME_RADIANS = Math.toRadians(1);

    /** How many places are counted out for a piece of work. */
    private static final int PER_WORK = 1000;

    /**
     * Places in the yard and off what blocks it: those over the fewest other courses, with most cones shared, the nearest
     * first.
     *
     * @param others courses that stand
     * @param now where it stands now: what is as good is the better the nearer, a metre counting as much as a radian
     */
    public static List<SharedPlace> find(
            Yard yard, List<PlacedGround> others, CourseGround course, CoursePlacement now) {
        Conflicts conflicts = new Conflicts(yard);
        List<PlaceScore> found = new ArrayList<>();
        for (int i = 0; i < others.size(); i++) {
            int with = i;
            List<CoursePlacement> stands = byTwo(course, others.get(i));
            if (stands.isEmpty()) {
                stands = byOne(course, others.get(i), now.turnRadians());
            }
            Budget.spend(1 + stands.size() / PER_WORK);
            stands.stream()
                    .map(stand -> new SharedPlace(with, shared(course.at(stand), others), stand))
                    .sorted(mostThenNearest(now))
                    .filter(place -> isSound(course.at(place.stand), others, conflicts))
                    .limit(MOST_LOOKED_AT)
                    .map(place -> new PlaceScore(place, overlaps(course.at(place.stand), others)))
                    .sorted(Comparator.comparingInt(PlaceScore::overlaps))
                    .limit(MOST_EACH)
                    .forEach(found::add);
        }
        return found.stream()
                .sorted(Comparator.comparingInt(PlaceScore::overlaps)
                        .thenComparing(PlaceScore::place, mostThenNearest(now)))
                .map(PlaceScore::place)
                .toList();
    }

    /** A place with how many courses it would lie over without sharing a cone with them. */
    private record PlaceScore(SharedPlace place, int overlaps) {}

    private static Comparator<SharedPlace> mostThenNearest(CoursePlacement now) {
        return Comparator.comparingInt(SharedPlace::cones)
                .reversed()
                .thenComparingDouble(place -> far(place.stand, now));
    }

    /** How many courses it would lie over without sharing a cone with them. */
    private static int overlaps(PlacedGround course, List<PlacedGround> others) {
        return (int) others.stream()
                .flatMap(other -> Conflicts.between(course, other).stream())
                .filter(finding -> finding.code().equals(Conflicts.OVERLAP))
                .count();
    }

    private static int shared(PlacedGround course, List<PlacedGround> others) {
        return others.stream()
                .mapToInt(other -> SharedCones.between(course, other).size())
                .sum();
    }

    private static boolean isSound(PlacedGround course, List<PlacedGround> others, Conflicts conflicts) {
        return conflicts.withTheRim(course).isEmpty()
                && conflicts.withObstacles(course).isEmpty()
                && others.stream()
                        .allMatch(other -> Conflicts.onOneSpot(course, other).isEmpty());
    }

    private static double far(CoursePlacement stand, CoursePlacement now) {
        return Math.hypot(stand.xMetres() - now.xMetres(), stand.yMetres() - now.yMetres())
                + Math.abs(Math.IEEEremainder(stand.turnRadians() - now.turnRadians(), 2 * Math.PI));
    }

    /** Every place at which two cones of a course are two of another. */
    private static List<CoursePlacement> byTwo(CourseGround course, PlacedGround other) {
        Map<Place, CoursePlacement> places = new HashMap<>();
        List<Cone> mine = course.cones();
        List<Cone> theirs = other.ground().cones();
        for (int i = 0; i < mine.size(); i++) {
            for (int j = i + 1; j < mine.size(); j++) {
                Point a = mine.get(i).centre();
                Point b = mine.get(j).centre();
                double apart = a.distanceTo(b);
                for (Cone c : theirs) {
                    for (Cone d : theirs) {
                        Point to = other.placeOf(c);
                        Point on = other.placeOf(d);
                        if (c != d
                                && mine.get(i).marker().equals(c.marker())
                                && mine.get(j).marker().equals(d.marker())
                                && Math.abs(to.distanceTo(on) - apart) <= SharedCones.NEAR_METRES) {
                            CoursePlacement stand = onto(a, b, to, on);
                            places.putIfAbsent(Place.of(stand), stand);
                        }
                    }
                }
            }
        }
        return List.copyOf(places.values());
    }

    /** The middle of a and b on that of {@code to} and {@code on}, the lines between them along one another. */
    private static CoursePlacement onto(Point a, Point b, Point to, Point on) {
        double turn = Math.IEEEremainder(
                Math.atan2(on.y() - to.y(), on.x() - to.x()) - Math.atan2(b.y() - a.y(), b.x() - a.x()), 2 * Math.PI);
        return moved(
                new Point((a.x() + b.x()) / 2, (a.y() + b.y()) / 2),
                new Point((to.x() + on.x()) / 2, (to.y() + on.y()) / 2),
                turn);
    }

    /** Turned, a place of the course on one of the yard. */
    private static CoursePlacement moved(Point of, Point to, double turn) {
        Point turned = new CoursePlacement(0, 0, turn).toYard(of);
        return new CoursePlacement(to.x() - turned.x(), to.y() - turned.y(), turn);
    }

    private static List<CoursePlacement> byOne(CourseGround course, PlacedGround other, double turn) {
        Set<CoursePlacement> places = new HashSet<>();
        for (Cone mine : course.cones()) {
            other.ground().cones().stream()
                    .filter(theirs -> theirs.marker().equals(mine.marker()))
                    .forEach(theirs -> places.add(moved(mine.centre(), other.placeOf(theirs), turn)));
        }
        return List.copyOf(places);
    }

    /** A place as far as places are told apart. */
    private record Place(long x, long y, long turn) {
        static Place of(CoursePlacement s) {
            return new Place(
                    Math.round(s.xMetres() / SAME_METRES),
                    Math.round(s.yMetres() / SAME_METRES),
                    Math.floorMod(Math.round(s.turnRadians() / SAME_RADIANS), Math.round(2 * Math.PI / SAME_RADIANS)));
        }
    }
}
