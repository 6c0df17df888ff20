package wrenlane.course.kind;

import java.util.List;
import wrenlane.course.CourseDimension;
import wrenlane.course.CourseKind;
import wrenlane.course.CourseOption;
import wrenlane.course.CourseSettings;
import wrenlane.course.plan.Barrier.Part;
import wrenlane.course.plan.ConeRole;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.CourseLayout;
import wrenlane.course.plan.CourseLayout.LabelDirection;
import wrenlane.course.plan.CourseLine;
import wrenlane.course.plan.CoursePlan;
import wrenlane.course.plan.Pace;
import wrenlane.course.plan.RouteEnd;
import wrenlane.machine.Posture;
import wrenlane.plane.Point;

/**
 * Full-lock circles to measure a machine by: a start line, and the marks to chalk where the outer front tyre edge
 * passes after 180° and 360°. To both sides, upright and leaned. Drawn is the square the circle needs between walls.
 */
final class TurningCircleTest implements CourseKind {
    private static final CourseDimension CIRCLE = CourseDimension.ladder("circleMetres", "Circle", 3, 16, 6.5);
    private static final CourseOption POSTURE = new CourseOption(
            "posture",
            "Posture",
            List.of(
                    new CourseOption.Choice(Posture.UPRIGHT.name(), "Upright"),
                    new CourseOption.Choice(Posture.LEANED.name(), "Leaned")),
            Posture.UPRIGHT.name());

    @Override
    public String id() {
        return "turning-circle-test";
    }

    @Override
    public String label() {
        return "Turning-circle test";
    }

    @Override
    public String purpose() {
        return "Measure this machine's full-lock circle, to both sides, upright and leaned.";
    }

    @Override
    public List<CourseDimension> dimensions() {
        return List.of(CIRCLE);
    }

    @Override
    public List<CourseOption> options() {
        return List.of(POSTURE);
    }

    @Override
    public boolean measuresTurn() {
        return true;
    }

    @Override
    public TurnSides turning() {
        return TurnSides.ONE_SIDE;
    }

    @Override
    public CoursePlan plan(CourseSettings s) {
        CourseLayout layout = new CourseLayout(s.markers());
        double width = s.of(CIRCLE);
        double half = width / 2;
        layout.cone("S", ConeRole.ENTRY, ConeSort.FLAT, 0, -START_LINE_OVER_METRES);
        layout.cone("H", ConeRole.EDGE, ConeSort.FLAT, 0, width + START_LINE_OVER_METRES);
        layout.mark("start line", 0, -START_LINE_OVER_METRES, 0, width + START_LINE_OVER_METRES);
        layout.mark("360° mark", -CHALK_METRES, 0, CHALK_METRES, 0);
        layout.mark("180° mark", -CHALK_METRES, width, CHALK_METRES, width);
        layout.boundary("near wall", Part.WHEELS, -half, 0, half, 0, CourseLine.Sort.AREA, 0, width * 10);
        layout.boundary("front wall", Part.WHEELS, half, 0, half, width, CourseLine.Sort.AREA, 0, width * 10);
        layout.boundary("far wall", Part.WHEELS, half, width, -half, width, CourseLine.Sort.AREA, 0, width * 10);
        layout.boundary("back wall", Part.WHEELS, -half, width, -half, 0, CourseLine.Sort.AREA, 0, width * 10);
        layout.measure(CIRCLE.name(), half, 0, half, width, LabelDirection.AHEAD, 1);
        double inset = Math.min(FRONT_OUTSIDE_METRES, width / 4);
        layout.pace(s.of(POSTURE, Posture.class) == Posture.LEANED ? Pace.FULL_LOCK_LEANED : Pace.FROM_A_STOP);
        layout.start(0, inset);
        layout.goRound(0, half, 2 * Math.PI);
        layout.note(
                "Sit still, bars at the stop, walking pace. Chalk where the outer edge of the front tyre crosses the"
                        + " start line at 180° and at 360°; the distance between the two marks is the circle.");
        return layout.finish(
                new RouteEnd(new Point(0, inset), 0, width, 1, 0, true),
                new RouteEnd(new Point(0, inset), 0, width, 1, 0, true),
                new CoursePlan.Area(-half, half, 0, width));
    }

    private static final double START_LINE_OVER_METRES = 0.4;
    private static final double CHALK_METRES = 0.3;
    /** How far inside the front wheel's circle the rear wheel's is guessed to lie, in metres. */
    private static final double FRONT_OUTSIDE_METRES = 0.6;
}
