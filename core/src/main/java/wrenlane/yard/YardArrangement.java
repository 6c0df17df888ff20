package wrenlane.yard;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.DoublePredicate;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.algorithm.MinimumDiameter;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import wrenlane.finding.Finding;
import wrenlane.finding.Sentence;
import wrenlane.plane.Point;
import wrenlane.riding.Ground;

/**
 * Places for several courses on a yard at once, found by {@link ArrangementSearch}.
 *
 * @param stands one for each course asked for; empty where none was found
 * @param waiting where riders wait
 * @param findings why a course has no place, and by how much
 * @param unfinished whether time ran out first: what is here is the best found until then
 */
public record YardArrangement(
        List<Optional<CoursePlacement>> stands, Optional<Point> waiting, List<Finding> findings, boolean unfinished) {
    /** Shortfalls are told to about a decimetre. */
    private static final int HALVINGS = 9;

    public YardArrangement {
        stands = List.copyOf(stands);
        findings = List.copyOf(findings);
    }

    /**
     * Looks for places.
     *
     * @param fixed courses that stand already and are left where they are
     * @param wanted courses to find places for
     */
    public static YardArrangement find(Yard yard, List<PlacedGround> fixed, List<CourseGround> wanted) {
        ArrangementSearch search = new ArrangementSearch(yard, fixed, wanted, ArrangementSearch.WaitingSpace.CLEAR);
        @Nullable CoursePlacement[] best = search.run();
        if (!search.unfinished() && Arrays.stream(best).anyMatch(Objects::isNull)) {
            // Rather all courses with a poorer place to wait, which is said, than a course less.
            search = new ArrangementSearch(yard, fixed, wanted, ArrangementSearch.WaitingSpace.BESIDE);
            best = search.run();
        }
        List<PlacedGround> all = new ArrayList<>(fixed);
        List<CourseGround> left = new ArrayList<>();
        List<Optional<CoursePlacement>> stands = new ArrayList<>();
        for (int i = 0; i < best.length; i++) {
            CoursePlacement stand = best[i];
            stands.add(Optional.ofNullable(stand));
            if (stand == null) {
                left.add(wanted.get(i));
            } else {
                all.add(wanted.get(i).at(stand));
            }
        }
        if (search.unfinished()) {
            return new YardArrangement(
                    stands,
                    Optional.empty(),
                    left.stream().map(YardArrangement::notLookedForToTheEnd).toList(),
                    true);
        }
        return new YardArrangement(
                stands,
                new GroundPlan(yard, all).waiting(),
                left.stream().map(c -> why(yard, c, all)).toList(),
                false);
    }

    private static Finding notLookedForToTheEnd(CourseGround course) {
        return new Finding(
                "search-unfinished",
                course.name(),
                course.name() + ": no place was found before the time for it ran out. Try again with fewer courses.");
    }

    /** Why a course has no place beside those that have one. */
    private static Finding why(Yard yard, CourseGround course, List<PlacedGround> standing) {
        Ground ground = course.withRunOut();
        Sentence needs = Sentence.of(
                "%s needs %s by %s with its run-outs",
                course.name(), Sentence.metres(ground.lengthMetres(), 1), Sentence.metres(ground.widthMetres(), 1));
        if (cannotStandAtAll(yard, ground)) {
            return new Finding(
                    "course-too-large",
                    course.name(),
                    Sentence.of("%s: more than this yard has, however it is turned.", needs));
        }
        FreeSpace empty = FreeSpace.of(yard);
        String beside = standing.isEmpty() ? "here" : "beside the others";
        return new Finding(
                "no-place-found",
                course.name(),
                Sentence.of(
                        "%s, and no place was found %s. %s%s",
                        needs,
                        beside,
                        shortfall(empty.without(standing), ground),
                        !standing.isEmpty() && fits(empty, ground) ? " Alone it fits: set it up after another." : ""));
    }

    private static Sentence shortfall(FreeSpace free, Ground ground) {
        double shorter = least(ground.lengthMetres(), by -> fits(free, ground.shorter(by)));
        double narrower = least(ground.widthMetres(), by -> fits(free, ground.narrower(by)));
        return shorter == 0
                ? Sentence.plain("There is ground for it, but not with a way in and a place to wait left over.")
                : Sentence.of(
                        "Turned along the sides it would stand if it were %s shorter, or %s narrower.",
                        Sentence.metres(shorter, 1), Sentence.metres(narrower, 1));
    }

    /** Proved by what no turn changes: its area, its lesser extent, and its diagonal. */
    private static boolean cannotStandAtAll(Yard yard, Ground ground) {
        Polygon outline = Shapes.polygon(yard.outline());
        Envelope box = outline.getEnvelopeInternal();
        return ground.areaSquareMetres() > outline.getArea()
                || Math.min(ground.lengthMetres(), ground.widthMetres()) > new MinimumDiameter(outline).getLength()
                || Math.hypot(ground.lengthMetres(), ground.widthMetres())
                        > Math.hypot(box.getWidth(), box.getHeight());
    }

    private static boolean fits(FreeSpace free, Ground ground) {
        return free.hasRoomFor(ground.lengthMetres(), ground.widthMetres());
    }

    /** The least that has to be taken off, in metres, rounded up to what halving tells. */
    private static double least(double all, DoublePredicate fits) {
        if (fits.test(0)) {
            return 0;
        }
        double low = 0;
        double high = all * 0.999;
        for (int i = 0; i < HALVINGS; i++) {
            double half = (low + high) / 2;
            if (fits.test(half)) {
                high = half;
            } else {
                low = half;
            }
        }
        return high;
    }
}
