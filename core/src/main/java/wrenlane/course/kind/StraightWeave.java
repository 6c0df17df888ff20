package wrenlane.course.kind;

import java.util.List;
import wrenlane.course.CourseDimension;
import wrenlane.course.CourseKind;
import wrenlane.course.CourseOption;
import wrenlane.course.CourseSettings;
import wrenlane.course.plan.CourseLayout;
import wrenlane.course.plan.CourseLayout.LabelDirection;
import wrenlane.course.plan.CoursePlan;

/** Cones in a row at (i·s, 0), passed on alternate sides; entry and exit gates on the axis one lead away. */
final class StraightWeave implements CourseKind {
    private static final CourseDimension SPACING = CourseDimension.ladder("spacingMetres", "Spacing", 1.5, 12, 4.5);
    private static final CourseDimension COUNT = CourseDimension.count("coneCount", "Cones", 2, 15, 5);
    private static final CourseDimension LEAD = CourseDimension.length("leadMetres", "Lead", 2, 15, 5);
    private static final CourseOption MARKING = ConeMarking.cones(ConeMarking.FLAT);

    @Override
    public String id() {
        return "straight-weave";
    }

    @Override
    public String label() {
        return "Straight weave";
    }

    @Override
    public String purpose() {
        return "Left and right in one rhythm; wait until the front wheel is past before turning in.";
    }

    @Override
    public List<CourseDimension> dimensions() {
        return List.of(SPACING, COUNT, LEAD);
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
        double spacing = s.of(SPACING);
        layout.measure(SPACING.name(), 0, -BESIDE_METRES, spacing, -BESIDE_METRES, LabelDirection.RIGHT, 1);
        layout.measure(LEAD.name(), 0, BESIDE_METRES, -s.of(LEAD), BESIDE_METRES, LabelDirection.LEFT, 1);
        return Weaves.plan(
                layout,
                s.countOf(COUNT),
                s.of(SPACING),
                0,
                s.of(LEAD),
                s.of(MARKING, ConeMarking.class).sort());
    }

    /** How far beside the cones dimensions are drawn, in metres: clear of the line. */
    private static final double BESIDE_METRES = 1.3;
}
