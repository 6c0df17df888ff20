package wrenlane.course.kind;

import java.util.List;
import wrenlane.course.CourseDimension;
import wrenlane.course.CourseKind;
import wrenlane.course.CourseOption;
import wrenlane.course.CourseSettings;
import wrenlane.course.plan.CourseLayout;
import wrenlane.course.plan.CourseLayout.LabelDirection;
import wrenlane.course.plan.CoursePlan;

/** Cones at (i·s, ±o/2) in turn, each passed on its outer side. */
final class OffsetWeave implements CourseKind {
    private static final CourseDimension SPACING = CourseDimension.ladder("spacingMetres", "Spacing", 1.5, 15, 6.5);
    private static final CourseDimension OFFSET = CourseDimension.length("offsetMetres", "Offset", 0.2, 8, 2);
    private static final CourseDimension COUNT = CourseDimension.count("coneCount", "Cones", 2, 15, 5);
    private static final CourseDimension LEAD = CourseDimension.length("leadMetres", "Lead", 2, 15, 6);
    private static final CourseOption MARKING = ConeMarking.cones(ConeMarking.FLAT);

    @Override
    public String id() {
        return "offset-weave";
    }

    @Override
    public String label() {
        return "Offset weave";
    }

    @Override
    public String purpose() {
        return "A weave with a longer turn each way, round the outside of every cone.";
    }

    @Override
    public List<CourseDimension> dimensions() {
        return List.of(SPACING, OFFSET, COUNT, LEAD);
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
        double half = s.of(OFFSET) / 2;
        double last = (s.countOf(COUNT) - 1) * spacing;
        layout.measure(
                SPACING.name(), 0, -half - BESIDE_METRES, spacing, -half - BESIDE_METRES, LabelDirection.RIGHT, 1);
        layout.measure(OFFSET.name(), last, -half, last, half, LabelDirection.AHEAD, 2);
        layout.measure(LEAD.name(), 0, half + BESIDE_METRES, -s.of(LEAD), half + BESIDE_METRES, LabelDirection.LEFT, 1);
        return Weaves.plan(
                layout,
                s.countOf(COUNT),
                s.of(SPACING),
                s.of(OFFSET),
                s.of(LEAD),
                s.of(MARKING, ConeMarking.class).sort());
    }

    /** How far beside the cones dimensions are drawn, in metres: clear of the line. */
    private static final double BESIDE_METRES = 1.3;
}
