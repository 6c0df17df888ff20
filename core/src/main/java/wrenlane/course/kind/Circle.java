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
import wrenlane.course.plan.RouteEnd;
import wrenlane.finding.Finding;
import wrenlane.machine.Side;
import wrenlane.plane.Point;

/**
 * n cones on a circle of diameter D, to ride round within a lane's width of them, or to ride within. A centre mark, and an
 * outer ring round the lane, if wanted.
 */
final class Circle implements CourseKind {
    private static final CourseDimension DIAMETER = CourseDimension.ladder("diameterMetres", "Diameter", 0.5, 20, 7);
    private static final CourseDimension COUNT = CourseDimension.count("coneCount", "Cones", 3, 24, 8);
    private static final CourseDimension LANE = CourseDimension.length("laneMetres", "Lane", 0.8, 5, 1.8);
    private static final CourseOption OUTER =
            CourseOption.of("outerRing", "Outer ring", Presence.NO, Presence.values());
    private static final CourseOption RIDDEN = RingSide.option();
    private static final CourseOption MARKING = ConeMarking.cones(ConeMarking.FLAT);

    @Override
    public String id() {
        return "circle";
    }

    @Override
    public String label() {
        return "Circle";
    }

    @Override
    public String purpose() {
        return "Round and round at one lean, looking across the circle.";
    }

    @Override
    public List<CourseDimension> dimensions() {
        return List.of(DIAMETER, LANE, COUNT);
    }

    @Override
    public List<CourseOption> options() {
        return List.of(RIDDEN, Rings.CENTRE, OUTER, MARKING);
    }

    @Override
    public TurnSides turning() {
        return TurnSides.ONE_SIDE;
    }

    @Override
    public List<Finding> contradictions(CourseSettings s) {
        return Rings.conesTouch(s.of(DIAMETER), s.countOf(COUNT), ConeMarking.marker(s, MARKING), COUNT);
    }

    @Override
    public CoursePlan plan(CourseSettings s) {
        CourseLayout layout = new CourseLayout(s.markers());
        Rings.markCentre(layout, s);
        return s.of(RIDDEN, RingSide.class) == RingSide.WITHIN ? within(layout, s) : round(layout, s);
    }

    /** The cones outside the circle, their bases touching it; the way inside, as wide as there is room. */
    private static CoursePlan within(CourseLayout layout, CourseSettings s) {
        double radius = s.of(DIAMETER) / 2;
        Rings.conesOutside(
                layout,
                "",
                s.countOf(COUNT),
                0,
                0,
                radius,
                s.of(MARKING, ConeMarking.class).sort(),
                angle -> true);
        layout.ringAround("ring", 0, 0, radius, CourseLine.Sort.BOUNDARY, 0, FOREVER, angle -> true);
        layout.measure(DIAMETER.name(), -radius, 0, radius, 0, LabelDirection.RIGHT, 2);
        double ridden = Rings.within(radius);
        layout.start(0, -ridden);
        layout.goRound(0, 0, 2 * Math.PI);
        RouteEnd bottom = new RouteEnd(new Point(0, -ridden), 0, ridden, radius - ridden, 0.3, true);
        return layout.finish(bottom, bottom, new CoursePlan.Area(-radius, radius, -radius, radius));
    }

    private static CoursePlan round(CourseLayout layout, CourseSettings s) {
        double radius = s.of(DIAMETER) / 2;
        double lane = s.of(LANE);
        int n = s.countOf(COUNT);
        ConeSort sort = s.of(MARKING, ConeMarking.class).sort();
        List<Cone> ring = Rings.cones(layout, "", n, 0, 0, radius, sort, ConeRole.TURN);
        boolean outer = s.of(OUTER, Presence.class) == Presence.YES;
        if (outer) {
            Rings.cones(
                    layout,
                    "O",
                    n,
                    0,
                    0,
                    radius + lane + ConeMarking.marker(s, MARKING).baseMetres() / 2,
                    sort,
                    ConeRole.EDGE);
        }
        layout.ringAround(
                outer ? "outer ring" : "edge of the lane",
                0,
                0,
                radius + lane,
                outer ? CourseLine.Sort.BOUNDARY : CourseLine.Sort.AREA,
                0,
                FOREVER,
                angle -> true);
        layout.measure(DIAMETER.name(), -radius, 0, radius, 0, LabelDirection.RIGHT, 2);
        layout.measure(LANE.name(), radius, 0, radius + lane, 0, LabelDirection.LEFT, 1);
        double ridden = radius + lane / 2;
        layout.start(0, -ridden);
        layout.goRound(0, 0, 2 * Math.PI);
        ring.forEach(cone -> layout.pass(cone, Side.LEFT, 0, FOREVER));
        RouteEnd bottom = new RouteEnd(new Point(0, -ridden), 0, ridden, lane, 0.3, true);
        double reach = radius + lane;
        return layout.finish(bottom, bottom, new CoursePlan.Area(-reach, reach, -reach, reach));
    }

    static final double FOREVER = 1e4;
}
