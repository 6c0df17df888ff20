package wrenlane.course.kind;

import java.util.List;
import wrenlane.course.CourseDimension;
import wrenlane.course.CourseKind;
import wrenlane.course.CourseOption;
import wrenlane.course.CourseSettings;
import wrenlane.course.plan.ConeRole;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.CourseLayout;
import wrenlane.course.plan.CourseLayout.LabelDirection;
import wrenlane.course.plan.CourseLine;
import wrenlane.course.plan.CoursePlan;
import wrenlane.course.plan.Pace;
import wrenlane.course.plan.RouteEnd;
import wrenlane.machine.Side;
import wrenlane.plane.Point;

/** A start mark and an arc lane: bars at the stop before the machine moves, then drive through 90, 180 or 360°. */
final class FullLockStart implements CourseKind {
    private static final CourseDimension OUTER = CourseDimension.ladder("outerMetres", "Outer diameter", 3, 16, 7);
    private static final CourseDimension LANE = CourseDimension.length("laneMetres", "Lane", 0.8, 4, 2);
    private static final CourseOption ARC = new CourseOption(
            "arcDegrees",
            "Arc",
            List.of(
                    new CourseOption.Choice("90", "90°"),
                    new CourseOption.Choice("180", "180°"),
                    new CourseOption.Choice("360", "360°")),
            "180");

    private static final CourseOption MARKED =
            CourseOption.of("marked", "Marked", LaneMarking.BOTH_EDGES, LaneMarking.values());

    /** Which edges of the lane are marked. */
    private enum LaneMarking {
        BOTH_EDGES("Both edges of the lane"),
        OUTER_EDGE("The outer edge alone");

        private final String label;

        LaneMarking(String label) {
            this.label = label;
        }

        @Override
        public String toString() {
            return label;
        }
    }

    @Override
    public String id() {
        return "full-lock-start";
    }

    @Override
    public String label() {
        return "Full-lock start";
    }

    @Override
    public String purpose() {
        return "From a stop with the bars at the stop: catch the lean with drive.";
    }

    @Override
    public List<CourseDimension> dimensions() {
        return List.of(OUTER, LANE);
    }

    @Override
    public List<CourseOption> options() {
        return List.of(ARC, MARKED);
    }

    @Override
    public TurnSides turning() {
        return TurnSides.ONE_SIDE;
    }

    @Override
    public CoursePlan plan(CourseSettings s) {
        CourseLayout layout = new CourseLayout(s.markers());
        double radius = s.of(OUTER) / 2;
        double lane = s.of(MARKED, LaneMarking.class) == LaneMarking.OUTER_EDGE ? radius : Math.min(s.of(LANE), radius);
        double arc = Math.toRadians(Double.parseDouble(s.of(ARC)));
        int pieces = Math.max(2, (int) Math.ceil(arc * radius / MARK_SPACING_METRES));
        boolean whole = arc > 2 * Math.PI - 0.01;
        for (int i = 0; i <= (whole ? pieces - 1 : pieces); i++) {
            double a = -Math.PI / 2 + arc * i / pieces;
            mark(layout, "O" + i, role(i, pieces, whole), radius, radius, a, 1);
            if (radius - lane > LEAST_ISLAND_METRES) {
                mark(layout, "I" + i, role(i, pieces, whole), radius - lane, radius, a, -1);
            }
        }
        layout.ringAround(
                "outer edge",
                0,
                radius,
                radius,
                CourseLine.Sort.BOUNDARY,
                0,
                Circle.FOREVER,
                angle -> whole
                        || Math.IEEEremainder(angle + Math.PI / 2 - arc / 2, 2 * Math.PI) < arc / 2 + SPARE
                                && Math.IEEEremainder(angle + Math.PI / 2 - arc / 2, 2 * Math.PI) > -arc / 2 - SPARE);
        if (radius - lane > LEAST_ISLAND_METRES) {
            layout.island("inner edge", 0, radius, radius - lane, Side.LEFT);
        }
        layout.measure(OUTER.name(), radius, 0, radius, 2 * radius, LabelDirection.AHEAD, 1);
        if (lane < radius) {
            layout.measure(LANE.name(), 0, 0, 0, lane, LabelDirection.BEHIND, 1);
        }
        layout.pace(Pace.FROM_A_STOP);
        layout.mark("start mark", 0, 0, 0, lane);
        double ridden = lane < radius ? Math.max(radius - lane / 2 - 0.2, radius / 2) : Rings.within(radius);
        layout.start(0, radius - ridden);
        layout.goRound(0, radius, arc);
        Point end = new Point(ridden * Math.sin(arc), radius - ridden * Math.cos(arc));
        return layout.finish(
                new RouteEnd(new Point(0, radius - ridden), 0, ridden, radius, 0, true),
                new RouteEnd(end, arc, ridden, radius, Math.toRadians(25), true),
                new CoursePlan.Area(arc > 2 ? -radius : -1, radius, 0, arc > 2 ? 2 * radius : radius + 1));
    }

    private static final double MARK_SPACING_METRES = 1.2;
    private static final double LEAST_ISLAND_METRES = 0.3;
    private static final double SPARE = Math.toRadians(30);

    private static ConeRole role(int i, int pieces, boolean whole) {
        return i == 0 ? ConeRole.ENTRY : !whole && i == pieces ? ConeRole.EXIT : ConeRole.EDGE;
    }

    /** Stands a mark outside the lane's edge: outwards of the outer one, inwards of the inner one. */
    private static void mark(
            CourseLayout layout, String label, ConeRole role, double edge, double outer, double a, int out) {
        layout.coneOutside(
                label,
                role,
                ConeSort.FLAT,
                edge * Math.cos(a),
                outer + edge * Math.sin(a),
                out * Math.cos(a),
                out * Math.sin(a));
    }
}
