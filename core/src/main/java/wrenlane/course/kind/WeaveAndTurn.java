package wrenlane.course.kind;

import java.util.ArrayList;
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
import wrenlane.course.plan.CoursePlan;
import wrenlane.course.plan.RouteEnd;
import wrenlane.machine.Side;
import wrenlane.plane.Point;

/** A U-turn box with a weave of m cones down each side: the first cone d before the box's corner, then at spacing s. */
final class WeaveAndTurn implements CourseKind {
    private static final CourseDimension WIDTH = CourseDimension.ladder("widthMetres", "Width", 3, 20, 7.6);
    private static final CourseDimension DEPTH = CourseDimension.length("depthMetres", "Depth", 3, 30, 8.5);
    private static final CourseDimension COUNT = CourseDimension.count("coneCount", "Cones a side", 1, 8, 3);
    private static final CourseDimension FIRST =
            CourseDimension.length("firstConeMetres", "First cone before the corner", 1, 12, 4);
    private static final CourseDimension SPACING = CourseDimension.length("spacingMetres", "Spacing", 2, 12, 5);
    private static final CourseOption MARKING = ConeMarking.cones(ConeMarking.FLAT);
    /** Way before the first cone and after the last, in metres. */
    private static final double LEAD_METRES = 5;

    private static final double EDGE_METRES = 3;

    @Override
    public String id() {
        return "weave-and-turn";
    }

    @Override
    public String label() {
        return "Weave and turn";
    }

    @Override
    public String purpose() {
        return "Weave down one side, turn round in the box, weave back up the other.";
    }

    @Override
    public List<CourseDimension> dimensions() {
        return List.of(WIDTH, DEPTH, SPACING, FIRST, COUNT);
    }

    @Override
    public List<CourseOption> options() {
        return List.of(MARKING);
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
    public CoursePlan plan(CourseSettings s) {
        CourseLayout layout = new CourseLayout(s.markers());
        double width = s.of(WIDTH);
        double depth = s.of(DEPTH);
        int n = s.countOf(COUNT);
        ConeSort sort = s.of(MARKING, ConeMarking.class).sort();
        UTurnBox.box(layout, width, depth, EDGE_METRES, ConeMarking.FLAT);
        List<Cone> going = new ArrayList<>();
        List<Cone> coming = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double x = -s.of(FIRST) - i * s.of(SPACING);
            going.add(layout.cone("G" + (i + 1), ConeRole.TURN, sort, x, 0));
            coming.add(layout.cone("K" + (i + 1), ConeRole.TURN, sort, x, width));
        }
        double begin = -s.of(FIRST) - (n - 1) * s.of(SPACING) - LEAD_METRES;
        layout.measure(WIDTH.name(), depth, 0, depth, width, LabelDirection.AHEAD, 1);
        layout.measure(DEPTH.name(), 0, 0, depth, 0, LabelDirection.RIGHT, 1);
        layout.measure(FIRST.name(), 0, -BESIDE_METRES, -s.of(FIRST), -BESIDE_METRES, LabelDirection.RIGHT, 1);
        if (n > 1) {
            double first = -s.of(FIRST);
            layout.measure(
                    SPACING.name(),
                    first,
                    -BESIDE_METRES,
                    first - s.of(SPACING),
                    -BESIDE_METRES,
                    LabelDirection.RIGHT,
                    1);
        }
        layout.start(begin, 0);
        for (int i = n - 1; i >= 0; i--) {
            // The cone nearest the box is passed on the side of the box: it stands to the right.
            boolean boxSide = i % 2 == 0;
            layout.go(going.get(i).centre().x(), boxSide ? Weaves.BESIDE_METRES : -Weaves.BESIDE_METRES);
            layout.pass(going.get(i), boxSide ? Side.RIGHT : Side.LEFT);
        }
        layout.go(0.5, Turns.inset(width));
        Turns.uTurn(layout, depth, width);
        layout.go(0.5, width - Turns.inset(width));
        for (int i = 0; i < n; i++) {
            boolean boxSide = i % 2 == 0;
            layout.go(coming.get(i).centre().x(), width + (boxSide ? -Weaves.BESIDE_METRES : Weaves.BESIDE_METRES));
            layout.pass(coming.get(i), boxSide ? Side.RIGHT : Side.LEFT);
        }
        layout.go(begin, width);
        return layout.finish(
                new RouteEnd(new Point(begin, 0), 0, 1, 1, 0.2, false),
                new RouteEnd(new Point(begin, width), Math.PI, 1, 1, 0.2, false),
                new CoursePlan.Area(begin, depth, -BESIDE_CLEARANCE_METRES, width + BESIDE_CLEARANCE_METRES));
    }

    private static final double BESIDE_CLEARANCE_METRES = 2.5;

    /** How far beside the cones dimensions are drawn, in metres: clear of the line. */
    private static final double BESIDE_METRES = 1.3;
}
