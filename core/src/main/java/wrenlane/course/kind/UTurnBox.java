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
import wrenlane.course.plan.Pace;
import wrenlane.course.plan.RouteEnd;
import wrenlane.machine.Side;
import wrenlane.plane.Point;

/**
 * A rectangle open at its mouth, in which the machine turns round: 0 ≤ x ≤ depth, 0 ≤ y ≤ width, entered along y = 0.
 *
 * <p>Cones stand outside their line with the base touching it, so width and depth are clear between lines. Edge and
 * mouth marks are flat, since the machine's bars and pegs pass over the entry line; only the far corners, which no turn
 * comes near, are tall.
 */
final class UTurnBox implements CourseKind {
    static final String ID = "u-turn-box";
    private static final CourseDimension WIDTH = CourseDimension.ladder("widthMetres", "Width", 3, 20, 7.2);
    private static final CourseDimension DEPTH = CourseDimension.length("depthMetres", "Depth", 3, 30, 7.5);
    private static final CourseDimension EDGE =
            CourseDimension.length("edgeSpacingMetres", "Edge spacing", 0.5, 10, 2.5);
    private static final CourseOption START = CourseOption.of("start", "Start", Start.ROLLING, Start.values());
    private static final CourseOption SWING =
            CourseOption.of("swingOut", "Swing-out", SwingOut.NONE, SwingOut.values());
    private static final CourseOption MARKING =
            CourseOption.of("marking", "Marks", ConeMarking.FLAT, ConeMarking.FLAT, ConeMarking.BAYS);

    /** Straight way to come in on and to go out on, in metres; chosen by us: about three machine lengths. */
    private static final double RUN_IN_METRES = 7;

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String label() {
        return "U-turn box";
    }

    @Override
    public String purpose() {
        return "Turn round between two lines, chin to the exit.";
    }

    @Override
    public List<CourseDimension> dimensions() {
        return List.of(WIDTH, DEPTH, EDGE);
    }

    @Override
    public List<CourseOption> options() {
        return List.of(START, SWING, MARKING);
    }

    @Override
    public Optional<CourseDimension> edgeSpacing() {
        return Optional.of(EDGE);
    }

    @Override
    public Optional<CourseOption> swingOut() {
        return Optional.of(SWING);
    }

    @Override
    public TurnSides turning() {
        return TurnSides.ONE_SIDE;
    }

    @Override
    public CoursePlan plan(CourseSettings s) {
        double width = s.of(WIDTH);
        double depth = s.of(DEPTH);
        CourseLayout layout = new CourseLayout(s.markers());
        box(layout, width, depth, s.of(EDGE), s.of(MARKING, ConeMarking.class));
        boolean stopped = s.of(START, Start.class) == Start.FROM_A_STOP;
        layout.measure(WIDTH.name(), depth, 0, depth, width, LabelDirection.AHEAD, 1);
        layout.measure(DEPTH.name(), 0, 0, depth, 0, LabelDirection.RIGHT, 1);
        layout.pace(stopped ? Pace.FROM_A_STOP : Pace.ROLLING);
        layout.start(0, Turns.inset(width));
        Turns.uTurn(layout, depth, width);
        layout.go(0, width - Turns.inset(width));
        double length = layout.station();
        switch (s.of(SWING, SwingOut.class)) {
            case NONE -> layout.oneWay(Side.LEFT, 0, length);
            case BEFORE -> layout.oneWay(Side.LEFT, length / 2, length);
            case BEFORE_AND_AFTER -> {}
        }
        return layout.finish(
                new RouteEnd(new Point(0, Turns.inset(width)), 0, width, width, 0, stopped),
                new RouteEnd(new Point(0, width - Turns.inset(width)), Math.PI, width, width, 0, stopped),
                new CoursePlan.Area(-RUN_IN_METRES, depth, 0, width));
    }

    /** The box's lines and marks, walked from the entry line out, across the far line, and back. */
    static void box(CourseLayout layout, double width, double depth, double spacing, ConeMarking marking) {
        layout.boundary("entry line", Part.WHEELS, 0, 0, depth, 0);
        layout.boundary("far line", Part.WHEELS, depth, 0, depth, width);
        layout.boundary("exit line", Part.WHEELS, depth, width, 0, width);
        boolean edges = marking != ConeMarking.BAYS;
        layout.coneOutside("A", ConeRole.ENTRY, ConeSort.FLAT, 0, 0, 0, -1);
        if (edges) {
            layout.edge("A", ConeSort.FLAT, 0, 0, depth, 0, spacing, 0, -1);
        }
        layout.coneOutside("B", ConeRole.CORNER, ConeSort.TALL, depth, 0, 1, -1);
        if (edges) {
            layout.edge("B", ConeSort.FLAT, depth, 0, depth, width, spacing, 1, 0);
        }
        layout.coneOutside("C", ConeRole.CORNER, ConeSort.TALL, depth, width, 1, 1);
        if (edges) {
            layout.edge("C", ConeSort.FLAT, depth, width, 0, width, spacing, 0, 1);
        }
        layout.coneOutside("D", ConeRole.EXIT, ConeSort.FLAT, 0, width, 0, 1);
    }

    /** How a turn is begun. */
    private enum Start {
        ROLLING("Rolling"),
        FROM_A_STOP("From a stop");

        private final String label;

        Start(String label) {
            this.label = label;
        }

        @Override
        public String toString() {
            return label;
        }
    }

    /** Whether the bars may go the other way before the turn, and after it. */
    private enum SwingOut {
        NONE("None"),
        BEFORE("Before"),
        BEFORE_AND_AFTER("Before and after");

        private final String label;

        SwingOut(String label) {
            this.label = label;
        }

        @Override
        public String toString() {
            return label;
        }
    }
}
