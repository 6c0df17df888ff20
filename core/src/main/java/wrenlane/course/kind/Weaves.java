package wrenlane.course.kind;

import wrenlane.course.plan.Cone;
import wrenlane.course.plan.ConeRole;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.CourseLayout;
import wrenlane.course.plan.CoursePlan;
import wrenlane.course.plan.RouteEnd;
import wrenlane.machine.Side;
import wrenlane.plane.Point;

/** Rows of cones passed in turn. */
final class Weaves {
    private Weaves() {}

    /** How far beside a cone the way is guessed to pass, in metres. */
    static final double BESIDE_METRES = 0.7;

    /** Width of the entry and exit gates, in metres; wider than any machine. */
    private static final double GATE_METRES = 1.6;

    /**
     * n cones at (i·s, ±o/2) in turn, the first passed on the rider's left: the first turn goes left, round it.
     *
     * @param offset o, zero for a straight row
     */
    static CoursePlan plan(CourseLayout layout, int n, double spacing, double offset, double lead, ConeSort sort) {
        double end = (n - 1) * spacing;
        layout.endGate("E", ConeRole.ENTRY, -lead, GATE_METRES);
        layout.start(-lead, 0);
        for (int i = 0; i < n; i++) {
            // An even cone stands to the left of the way, which passes it below; with an offset it stands below too.
            int side = i % 2 == 0 ? -1 : 1;
            Cone cone = layout.cone(String.valueOf(i + 1), ConeRole.TURN, sort, i * spacing, side * offset / 2);
            layout.go(i * spacing, side * (offset / 2 + BESIDE_METRES));
            layout.pass(cone, side < 0 ? Side.LEFT : Side.RIGHT);
        }
        layout.go(end + lead, 0);
        layout.endGate("X", ConeRole.EXIT, end + lead, GATE_METRES);
        double reach = offset / 2 + REACH_METRES;
        return layout.finish(
                new RouteEnd(new Point(-lead, 0), 0, 0, 0, 0, true),
                new RouteEnd(new Point(end + lead, 0), 0, 0, 0, 0, true),
                new CoursePlan.Area(-lead - RUN_METRES, end + lead + RUN_METRES, -reach, reach));
    }

    /** Ground a weave takes beside its cones, and before and after its gates, in metres. */
    private static final double REACH_METRES = 2.5;

    private static final double RUN_METRES = 2;
}
