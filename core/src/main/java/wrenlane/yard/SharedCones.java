package wrenlane.yard;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import wrenlane.course.plan.Cone;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.Marker;
import wrenlane.course.plan.MarkerCount;
import wrenlane.finding.Sentence;
import wrenlane.plane.Point;

/**
 * Cones that serve more than one course: courses may stand in one another, so that a box's corners are the first gate of a
 * weave. They are laid once; only one of such courses is ridden at a time.
 */
public final class SharedCones {
    /**
     * Alike and this near to one another, two cones are one, in metres: what a tape puts a cone off by over a yard. Chosen by
     * us, from what {@code PlaceError} says of a few metres out.
     */
    public static final double NEAR_METRES = 0.05;

    private SharedCones() {}

    /**
     * One cone of two courses.
     *
     * @param first what the one calls it
     * @param second what the other does
     */
    public record SharedCone(String first, String second) {}

    /** A cone where it stands on the yard. */
    private record Spot(Cone cone, Point at) {
        static List<Spot> of(PlacedGround course) {
            return course.ground().cones().stream()
                    .map(cone -> new Spot(cone, course.placeOf(cone)))
                    .toList();
        }

        Marker marker() {
            return cone.marker();
        }

        boolean isSameAs(Spot other) {
            return marker().equals(other.marker()) && at.distanceTo(other.at) <= NEAR_METRES;
        }

        boolean collidesWith(Spot other) {
            double bases = (marker().baseMetres() + other.marker().baseMetres()) / 2;
            return !marker().equals(other.marker()) && at.distanceTo(other.at) < bases;
        }
    }

    /** The cones that two courses share where they stand, in the order of the first. */
    public static List<SharedCone> between(PlacedGround first, PlacedGround second) {
        List<Spot> left = new ArrayList<>(Spot.of(second));
        List<SharedCone> shared = new ArrayList<>();
        for (Spot spot : Spot.of(first)) {
            left.stream().filter(spot::isSameAs).findFirst().ifPresent(same -> {
                left.remove(same);
                shared.add(new SharedCone(spot.cone().label(), same.cone().label()));
            });
        }
        return shared;
    }

    /** What else each cone of a course is, by its label: such as "R5 of Two turntables". Those that are its alone are missing. */
    public static Map<String, String> also(PlacedGround course, List<PlacedGround> others) {
        Map<String, List<String>> also = new LinkedHashMap<>();
        others.stream()
                .filter(other -> other != course)
                .forEach(other -> between(course, other)
                        .forEach(cone -> also.computeIfAbsent(cone.first(), label -> new ArrayList<>())
                                .add(cone.second() + " of " + other.name())));
        Map<String, String> said = new LinkedHashMap<>();
        also.forEach((label, names) -> said.put(label, Sentence.listed(names)));
        return said;
    }

    /** How many markers some courses take that stand at once: what they share counts once. */
    public static List<MarkerCount> markers(List<PlacedGround> courses) {
        List<Spot> laid = new ArrayList<>();
        for (PlacedGround course : courses) {
            List<Spot> before = List.copyOf(laid);
            Spot.of(course).stream()
                    .filter(spot -> before.stream().noneMatch(spot::isSameAs))
                    .forEach(laid::add);
        }
        return MarkerCount.of(laid.stream().map(Spot::marker).toList());
    }

    /**
     * Tall cones of other courses that stand where one is ridden, in its axes and called after their course; those that are
     * its own, too, left out. Flat markers of another are rolled over, as those of its other settings are.
     */
    public static List<Cone> amongWhich(PlacedGround course, List<PlacedGround> others) {
        List<Spot> own = Spot.of(course);
        return others.stream()
                .filter(other -> other != course)
                .flatMap(other -> Spot.of(other).stream()
                        .filter(spot -> spot.cone().sort() == ConeSort.TALL)
                        .filter(spot -> own.stream().noneMatch(spot::isSameAs))
                        .map(spot -> inAxesOf(course, other, spot)))
                .filter(cone -> course.ground().withRunOut().holds(cone.centre()))
                .toList();
    }

    private static Cone inAxesOf(PlacedGround course, PlacedGround other, Spot spot) {
        Cone cone = spot.cone();
        Point centre = course.stand().toCourse(spot.at());
        Point mark = course.stand().toCourse(other.stand().toYard(cone.mark()));
        return new Cone(other.name() + " " + cone.label(), cone.role(), cone.marker(), mark, centre);
    }

    /** Two cones that would stand on one another without being alike, if there are any. */
    static Optional<SharedCone> colliding(PlacedGround first, PlacedGround second) {
        List<Spot> theirs = Spot.of(second);
        return Spot.of(first).stream()
                .flatMap(a -> theirs.stream()
                        .filter(a::collidesWith)
                        .map(b -> new SharedCone(
                                a.marker().name() + " " + a.cone().label(),
                                b.marker().name() + " " + b.cone().label())))
                .findFirst();
    }

    /** Which is which: "C is 1, D is 2". */
    static String named(List<SharedCone> shared) {
        return shared.stream().map(s -> s.first() + " is " + s.second()).collect(Collectors.joining(", "));
    }

    /** Numbers of the courses that share ground with each, cones or run-outs, and so are not ridden at the same time. */
    public static List<List<Integer>> sharingGround(List<PlacedGround> courses) {
        return IntStream.range(0, courses.size())
                .mapToObj(i -> IntStream.range(0, courses.size())
                        .filter(j -> j != i
                                && Conflicts.between(courses.get(i), courses.get(j))
                                        .isPresent())
                        .boxed()
                        .toList())
                .toList();
    }
}
