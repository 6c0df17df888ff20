package wrenlane.course.kind;

import java.util.List;
import wrenlane.course.CourseDimension;
import wrenlane.course.CourseKind;
import wrenlane.course.CourseOption;
import wrenlane.course.CourseSettings;
import wrenlane.course.plan.Cone;
import wrenlane.course.plan.ConeRole;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.CourseLayout;
import wrenlane.course.plan.CourseLayout.LabelDirection;
import wrenlane.course.plan.CourseLine;
import wrenlane.course.plan.CoursePlan;
import wrenlane.course.plan.Marker;
import wrenlane.course.plan.RouteEnd;
import wrenlane.finding.Finding;
import wrenlane.finding.Sentence;
import wrenlane.machine.Side;
import wrenlane.plane.Point;

/**
 * Two rings of cones of diameter D, centres C apart, ridden as one line through the middle: round the cones, or within
 * them, where they are open towards the middle.
 */
final class FigureEight implements CourseKind {
    private static final CourseDimension DIAMETER = CourseDimension.ladder("diameterMetres", "Diameter", 0.5, 15, 5);
    private static final CourseDimension CENTRES = CourseDimension.length("centresMetres", "Centres apart", 2, 35, 9);
    private static final CourseDimension LANE = CourseDimension.length("laneMetres", "Lane", 0.8, 5, 1.8);
    private static final CourseDimension COUNT = CourseDimension.count("coneCount", "Cones a ring", 3, 16, 6);
    private static final CourseOption RIDDEN = RingSide.option();
    private static final CourseOption MARKING = ConeMarking.cones(ConeMarking.FLAT);

    /** Rounding of sums of lengths, in metres. */
    private static final double ROUNDING_METRES = 1e-9;

    @Override
    public String id() {
        return "figure-eight";
    }

    @Override
    public String label() {
        return "Figure eight";
    }

    @Override
    public String purpose() {
        return "Round one ring and then the other, through the middle, on the same line every time.";
    }

    @Override
    public List<CourseDimension> dimensions() {
        return List.of(DIAMETER, CENTRES, LANE, COUNT);
    }

    @Override
    public List<CourseOption> options() {
        return List.of(RIDDEN, MARKING);
    }

    @Override
    public boolean nests() {
        return false;
    }

    @Override
    public TurnSides turning() {
        return TurnSides.BOTH_SIDES;
    }

    @Override
    public List<Finding> contradictions(CourseSettings s) {
        Marker marker = ConeMarking.marker(s, MARKING);
        boolean within = s.of(RIDDEN, RingSide.class) == RingSide.WITHIN;
        // Within, no cones stand towards the middle: rings may touch. Round them, the way leads between them.
        double least = s.of(DIAMETER) + (within ? 0 : marker.baseMetres());
        if (!(s.of(CENTRES) >= least - ROUNDING_METRES)) {
            return List.of(new Finding(
                    "rings-overlap",
                    CENTRES.name(),
                    Sentence.of(
                            "Rings of %s overlap with centres %s apart: set the centres at least %s apart,"
                                    + " or the diameter smaller.",
                            Sentence.metres(s.of(DIAMETER)), Sentence.metres(s.of(CENTRES)), Sentence.metres(least))));
        }
        return Rings.conesTouch(s.of(DIAMETER), s.countOf(COUNT), marker, COUNT);
    }

    @Override
    public CoursePlan plan(CourseSettings s) {
        CourseLayout layout = new CourseLayout(s.markers());
        return s.of(RIDDEN, RingSide.class) == RingSide.WITHIN ? within(layout, s) : round(layout, s);
    }

    /** The cones outside each ring but towards the middle; the way inside, as wide as there is room. */
    private static CoursePlan within(CourseLayout layout, CourseSettings s) {
        double radius = s.of(DIAMETER) / 2;
        double half = s.of(CENTRES) / 2;
        int n = s.countOf(COUNT);
        ConeSort sort = s.of(MARKING, ConeMarking.class).sort();
        Rings.conesOutside(layout, "R", n, half, 0, radius, sort, a -> facesAway(a, Math.PI, OPEN_WITHIN));
        Rings.conesOutside(layout, "L", n, -half, 0, radius, sort, a -> facesAway(a, 0, OPEN_WITHIN));
        Turns.eight(layout, 0, half, Rings.within(radius));
        double whole = layout.station();
        layout.ringAround(
                "ring",
                half,
                0,
                radius,
                CourseLine.Sort.BOUNDARY,
                0,
                whole / 2,
                a -> facesAway(a, Math.PI, OPEN_WITHIN));
        layout.ringAround(
                "ring",
                -half,
                0,
                radius,
                CourseLine.Sort.BOUNDARY,
                whole / 2,
                whole,
                a -> facesAway(a, 0, OPEN_WITHIN));
        layout.measure(DIAMETER.name(), half - radius, -radius, half + radius, -radius, LabelDirection.RIGHT, 2);
        layout.measure(CENTRES.name(), -half, radius, half, radius, LabelDirection.LEFT, 2);
        RouteEnd middle = new RouteEnd(
                new Point(0, 0), -Turns.slant(half, Rings.within(radius)), 2, 2, MIDDLE_HEADING_FREE, true);
        return layout.finish(middle, middle, new CoursePlan.Area(-half - radius, half + radius, -radius, radius));
    }

    /** Rings ridden within are open towards the middle by this much to either side: two thirds of each are marked. */
    private static final double OPEN_WITHIN = Math.toRadians(60);

    private static CoursePlan round(CourseLayout layout, CourseSettings s) {
        double radius = s.of(DIAMETER) / 2;
        double half = s.of(CENTRES) / 2;
        double lane = s.of(LANE);
        int n = s.countOf(COUNT);
        ConeSort sort = s.of(MARKING, ConeMarking.class).sort();
        List<Cone> right = Rings.cones(layout, "R", n, half, 0, radius, sort, ConeRole.TURN);
        List<Cone> left = Rings.cones(layout, "L", n, -half, 0, radius, sort, ConeRole.TURN);
        double ridden = Math.min(radius + lane / 2, half * 0.9);
        Turns.eight(layout, 0, half, ridden);
        double whole = layout.station();
        right.forEach(cone -> layout.pass(cone, Side.LEFT, 0, whole / 2));
        left.forEach(cone -> layout.pass(cone, Side.RIGHT, whole / 2, whole));
        double outer = radius + lane;
        double open = Math.acos(Math.min(1, half / outer)) + OPEN_BESIDE;
        layout.ringAround(
                "outer edge", half, 0, outer, CourseLine.Sort.AREA, 0, whole / 2, a -> facesAway(a, Math.PI, open));
        layout.ringAround(
                "outer edge", -half, 0, outer, CourseLine.Sort.AREA, whole / 2, whole, a -> facesAway(a, 0, open));
        layout.measure(DIAMETER.name(), half - radius, -outer, half + radius, -outer, LabelDirection.RIGHT, 2);
        layout.measure(CENTRES.name(), -half, outer, half, outer, LabelDirection.LEFT, 2);
        layout.measure(LANE.name(), half + radius, 0, half + outer, 0, LabelDirection.LEFT, 1);
        double slant = Turns.slant(half, ridden);
        RouteEnd middle = new RouteEnd(new Point(0, 0), -slant, 2, 2, MIDDLE_HEADING_FREE, true);
        double reach = half + outer;
        return layout.finish(middle, middle, new CoursePlan.Area(-reach, reach, -outer, outer));
    }

    /** The rings' outer edges are open towards the middle, by this much more than where they would meet. */
    private static final double OPEN_BESIDE = Math.toRadians(40);

    private static final double MIDDLE_HEADING_FREE = Math.toRadians(45);

    private static boolean facesAway(double angle, double open, double half) {
        return Math.abs(Math.IEEEremainder(angle - open, 2 * Math.PI)) > half;
    }
}
