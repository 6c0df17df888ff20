package wrenlane.server.course.evaluation;

import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import wrenlane.course.Course;
import wrenlane.machine.MachineTurn;
import wrenlane.plane.Point;
import wrenlane.rideline.CheckedLine;
import wrenlane.rideline.CheckedLine.NearestClearance;
import wrenlane.rideline.LinePoint;
import wrenlane.rideline.LineProfile;
import wrenlane.rideline.SweptBand;
import wrenlane.verdict.CourseFit;
import wrenlane.verdict.RidingMark;

/**
 * A line to draw.
 *
 * @param places some centimetres apart, to a millimetre or a milliradian
 * @param phases where each turn is rolled into, held and rolled out of
 * @param clearances to every cone and line, the least of each
 * @param binding the least of them, but for what stands at the ends
 * @param end the least to what stands at the ends; missing where nothing there is kept apart
 * @param marks to ride it by
 * @param steeringShare largest share of the turn there is
 * @param mostLeanRadians where the machine leans furthest, to whichever side
 * @param lengthMetres of the rear path
 */
record LineJson(
        List<PlaceJson> places,
        List<LineProfile.Phase> phases,
        List<ClearanceJson> clearances,
        ClearanceJson binding,
        @Nullable ClearanceJson end,
        List<RidingMark> marks,
        double steeringShare,
        double mostLeanRadians,
        double lengthMetres) {

    /**
     * One place along the line: where the machine is, as it would be drawn, and what is done there.
     *
     * @param left the widest point on the left
     * @param right the widest point on the right
     * @param leanRadians left positive
     * @param barsRadians left positive
     * @param clearanceMetres to the nearest thing
     */
    record PlaceJson(
            double distanceMetres,
            Point rear,
            Point front,
            Point left,
            Point right,
            double leanRadians,
            double barsRadians,
            double clearanceMetres) {}

    /**
     * Room to one thing.
     *
     * @param name such as {@code cone 3}
     * @param cone the cone's label, where it is one
     * @param part what of the machine comes nearest
     * @param at where that happens: the wheel's contact, or the rear's for the body
     * @param nearest the place on it that is nearest
     */
    record ClearanceJson(
            String name,
            @Nullable String cone,
            CheckedLine.Part part,
            double clearanceMetres,
            double distanceMetres,
            Point at,
            Point nearest) {}

    static LineJson of(Course course, CourseFit fit, CheckedLine checked, MachineTurn turn) {
        LineProfile profile = fit.profile(checked, turn);
        List<LinePoint> drawn = LineProfile.points(checked.line());
        SweptBand band = fit.band(checked);
        List<PlaceJson> places = IntStream.range(0, drawn.size())
                .mapToObj(i -> {
                    LineProfile.Place place = profile.places().get(i);
                    return new PlaceJson(
                            rounded(place.distanceMetres()),
                            rounded(drawn.get(i).rear()),
                            rounded(drawn.get(i).front()),
                            rounded(band.left().get(i)),
                            rounded(band.right().get(i)),
                            rounded(place.leanRadians()),
                            rounded(place.barsRadians()),
                            rounded(Double.isFinite(place.clearanceMetres()) ? place.clearanceMetres() : FAR_METRES));
                })
                .toList();
        List<ClearanceJson> clearances =
                checked.clearances().stream().map(r -> clearance(r, checked)).toList();
        return new LineJson(
                places,
                profile.phases(),
                clearances,
                clearance(checked.binding(), checked),
                checked.tightestEnd().map(r -> clearance(r, checked)).orElse(null),
                RidingMark.of(course, fit, checked),
                checked.steeringShare(),
                fit.leanRadians(checked),
                checked.line().lengthMetres());
    }

    /** Finer than a drawing shows, and half as long to send: this is asked for at every step of a drag. */
    private static double rounded(double value) {
        return Math.rint(value * 1e3) / 1e3;
    }

    private static Point rounded(Point p) {
        return new Point(rounded(p.x()), rounded(p.y()));
    }

    /** Said where nothing is near at all, in metres. */
    private static final double FAR_METRES = 99;

    private static ClearanceJson clearance(NearestClearance clearance, CheckedLine checked) {
        LinePoint there = checked.at(clearance.distanceMetres());
        Point at = clearance.part() == CheckedLine.Part.FRONT_WHEEL ? there.front() : there.rear();
        String name = clearance.keep().name();
        return new ClearanceJson(
                name,
                name.startsWith(CONE) ? name.substring(CONE.length()) : null,
                clearance.part(),
                clearance.clearanceMetres(),
                rounded(clearance.distanceMetres()),
                rounded(at),
                rounded(clearance.keep().nearestTo(at)));
    }

    /** What the name of a thing that is a cone begins with. */
    private static final String CONE = "cone ";
}
