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
import wrenlane.course.plan.CoursePlan;
import wrenlane.course.plan.Pace;
import wrenlane.course.plan.RouteEnd;
import wrenlane.machine.Side;
import wrenlane.plane.Point;

/**
 * A plank across x = 0 between two markers, with a straight run-out: how far it moves is the score. Rolled over with both
 * wheels, or started from a stand with the plank under the rear wheel alone.
 */
final class PlankCrossing implements CourseKind {
    private static final CourseDimension GATE = CourseDimension.ladder("gateMetres", "Gate", 0.5, 4, 1.4);
    private static final CourseDimension RUN_OUT = CourseDimension.length("runOutMetres", "Run-out", 3, 30, 8);
    private static final CourseOption MARKING = ConeMarking.cones(ConeMarking.TALL);
    private static final CourseOption START = CourseOption.of("start", "Start", Start.ROLLING, Start.values());

    private enum Start {
        ROLLING("Rolling, both wheels over it"),
        ON_THE_PLANK("From a stop, the rear wheel on it");

        private final String label;

        Start(String label) {
            this.label = label;
        }

        @Override
        public String toString() {
            return label;
        }
    }

    /** How far the plank reaches past each marker, in metres. */
    private static final double PLANK_OVER_METRES = 0.4;

    @Override
    public String id() {
        return "plank-crossing";
    }

    @Override
    public String label() {
        return "Plank crossing";
    }

    @Override
    public String purpose() {
        return "Roll both wheels over a loose plank on steady drive; how far it moves is the score.";
    }

    @Override
    public List<CourseDimension> dimensions() {
        return List.of(GATE, RUN_OUT);
    }

    @Override
    public List<CourseOption> options() {
        return List.of(START, MARKING);
    }

    @Override
    public TurnSides turning() {
        return TurnSides.STRAIGHT;
    }

    @Override
    public CoursePlan plan(CourseSettings s) {
        CourseLayout layout = new CourseLayout(s.markers());
        double half = s.of(GATE) / 2;
        ConeSort sort = s.of(MARKING, ConeMarking.class).sort();
        Cone right = layout.coneOutside("R", ConeRole.GATE, sort, 0, -half, 0, -1);
        Cone left = layout.coneOutside("L", ConeRole.GATE, sort, 0, half, 0, 1);
        layout.mark("plank", 0, -half - PLANK_OVER_METRES, 0, half + PLANK_OVER_METRES);
        double runOut = s.of(RUN_OUT);
        layout.measure(GATE.name(), 0, -half, 0, half, LabelDirection.BEHIND, 2);
        layout.measure(
                RUN_OUT.name(),
                0,
                -half - PLANK_OVER_METRES,
                runOut,
                -half - PLANK_OVER_METRES,
                LabelDirection.RIGHT,
                1);
        boolean onIt = s.of(START, Start.class) == Start.ON_THE_PLANK;
        double begin = onIt ? 0 : -Lane.RUN_IN_METRES;
        layout.start(begin, 0);
        if (onIt) {
            layout.pace(Pace.FROM_A_STOP);
        } else {
            layout.go(0, 0);
        }
        layout.pass(right, Side.RIGHT);
        layout.pass(left, Side.LEFT);
        layout.go(runOut, 0);
        return layout.finish(
                new RouteEnd(new Point(begin, 0), 0, 1, 1, 0, false),
                new RouteEnd(new Point(runOut, 0), 0, 1, 1, 0, false),
                new CoursePlan.Area(begin, runOut, -half - 1, half + 1));
    }
}
