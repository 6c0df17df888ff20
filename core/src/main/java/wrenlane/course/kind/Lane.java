package wrenlane.course.kind;

import java.util.List;
import java.util.Optional;
import wrenlane.course.CourseDimension;
import wrenlane.course.CourseKind;
import wrenlane.course.CourseOption;
import wrenlane.course.CourseSettings;
import wrenlane.course.plan.Barrier.Part;
import wrenlane.course.plan.ConeRole;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.CourseLayout;
import wrenlane.course.plan.CourseLayout.LabelDirection;
import wrenlane.course.plan.CoursePlan;
import wrenlane.course.plan.RouteEnd;
import wrenlane.plane.Point;

/** Two rows of marks to ride between, as slowly as can be. Marker pairs at x = 0, e, 2e … L and y = ±W/2. */
final class Lane implements CourseKind {
    private static final CourseDimension WIDTH = CourseDimension.ladder("widthMetres", "Width", 0.3, 4, 1.4);
    private static final CourseDimension LENGTH = CourseDimension.length("lengthMetres", "Length", 4, 60, 15);
    private static final CourseDimension EDGE =
            CourseDimension.length("edgeSpacingMetres", "Marker spacing", 0.5, 10, 2.5);
    private static final CourseOption MARKING = ConeMarking.conesOrBays(ConeMarking.FLAT);

    @Override
    public String id() {
        return "lane";
    }

    @Override
    public String label() {
        return "Lane";
    }

    @Override
    public String purpose() {
        return "Straight on, as slowly as the machine can be held up.";
    }

    @Override
    public List<CourseDimension> dimensions() {
        return List.of(WIDTH, LENGTH, EDGE);
    }

    @Override
    public List<CourseOption> options() {
        return List.of(MARKING);
    }

    @Override
    public Optional<CourseDimension> edgeSpacing() {
        return Optional.of(EDGE);
    }

    @Override
    public Optional<CourseDimension> timedLength() {
        return Optional.of(LENGTH);
    }

    @Override
    public TurnSides turning() {
        return TurnSides.STRAIGHT;
    }

    @Override
    public CoursePlan plan(CourseSettings s) {
        CourseLayout layout = new CourseLayout(s.markers());
        double length = s.of(LENGTH);
        walls(layout, length, s.of(WIDTH), s.of(EDGE), s.of(MARKING, ConeMarking.class));
        double half = s.of(WIDTH) / 2;
        layout.measure(WIDTH.name(), length, -half, length, half, LabelDirection.AHEAD, 2);
        layout.measure(LENGTH.name(), 0, -half, length, -half, LabelDirection.RIGHT, 1);
        return ridden(layout, length, s.of(WIDTH));
    }

    /** Straight way to come in on and to go out on, in metres. */
    static final double RUN_IN_METRES = 5;

    /** The two sides of a lane: cleared by the whole machine between tall cones, by the wheels where nothing stands high. */
    static void walls(CourseLayout layout, double length, double width, double spacing, ConeMarking marking) {
        double half = width / 2;
        Part part = marking == ConeMarking.TALL ? Part.BODY : Part.WHEELS;
        layout.boundary("right side", part, 0, -half, length, -half);
        layout.boundary("left side", part, length, half, 0, half);
        for (int side = -1; side <= 1; side += 2) {
            String label = side < 0 ? "R" : "L";
            ConeSort sort = marking.sort();
            layout.coneOutside(label, ConeRole.ENTRY, sort, 0, side * half, 0, side);
            if (marking != ConeMarking.BAYS) {
                layout.edge(label, sort, 0, side * half, length, side * half, spacing, 0, side);
            }
            layout.coneOutside(label + "E", ConeRole.EXIT, sort, length, side * half, 0, side);
        }
    }

    /** The way straight through. */
    static CoursePlan ridden(CourseLayout layout, double length, double width) {
        layout.start(-RUN_IN_METRES, 0);
        layout.go(length + RUN_IN_METRES, 0);
        return layout.finish(
                new RouteEnd(new Point(-RUN_IN_METRES, 0), 0, 1, 1, 0, false),
                new RouteEnd(new Point(length + RUN_IN_METRES, 0), 0, 1, 1, 0, false),
                new CoursePlan.Area(-RUN_IN_METRES, length + RUN_IN_METRES, -width / 2 - 1, width / 2 + 1));
    }
}
