package wrenlane.course.kind;

import java.util.ArrayList;
import java.util.List;
import wrenlane.course.CourseDimension;
import wrenlane.course.CourseKind;
import wrenlane.course.CourseOption;
import wrenlane.course.CourseSettings;
import wrenlane.course.plan.CourseLayout;
import wrenlane.course.plan.CourseLayout.LabelDirection;
import wrenlane.course.plan.CoursePlan;
import wrenlane.finding.Finding;

/** A lane with boxes to stop the front wheel in: n stop lines at spacing s, each the far end of a box. */
final class StopBoxes implements CourseKind {
    private static final CourseDimension WIDTH = CourseDimension.ladder("widthMetres", "Width", 0.5, 4, 1.6);
    private static final CourseDimension COUNT = CourseDimension.count("boxCount", "Boxes", 1, 8, 3);
    private static final CourseDimension SPACING =
            CourseDimension.length("stopSpacingMetres", "Stop spacing", 2, 20, 6);
    private static final CourseDimension DEPTH = CourseDimension.length("boxDepthMetres", "Box depth", 0.3, 5, 1);
    private static final CourseOption MARKING = ConeMarking.conesOrBays(ConeMarking.FLAT);

    @Override
    public String id() {
        return "stop-boxes";
    }

    @Override
    public String label() {
        return "Stop boxes";
    }

    @Override
    public String purpose() {
        return "Stop with bars straight and the front wheel in the box, feet up until it stands.";
    }

    @Override
    public List<CourseDimension> dimensions() {
        return List.of(WIDTH, COUNT, SPACING, DEPTH);
    }

    @Override
    public List<CourseOption> options() {
        return List.of(MARKING);
    }

    @Override
    public TurnSides turning() {
        return TurnSides.STRAIGHT;
    }

    @Override
    public List<Finding> contradictions(CourseSettings s) {
        List<Finding> findings = new ArrayList<>();
        if (!(s.of(DEPTH) < s.of(SPACING))) {
            findings.add(new Finding(
                    "boxes-overlap",
                    DEPTH.name(),
                    "Boxes overlap: box depth must be below the stop spacing. Make the boxes shallower or space the"
                            + " stops wider."));
        }
        return findings;
    }

    @Override
    public CoursePlan plan(CourseSettings s) {
        CourseLayout layout = new CourseLayout(s.markers());
        int boxes = s.countOf(COUNT);
        double spacing = s.of(SPACING);
        double half = s.of(WIDTH) / 2;
        double length = boxes * spacing;
        Lane.walls(layout, length, s.of(WIDTH), spacing, s.of(MARKING, ConeMarking.class));
        for (int i = 1; i <= boxes; i++) {
            double stop = i * spacing;
            layout.mark("box " + i + " begins", stop - s.of(DEPTH), -half, stop - s.of(DEPTH), half);
            layout.mark("stop line " + i, stop, -half, stop, half);
        }
        layout.measure(WIDTH.name(), length, -half, length, half, LabelDirection.AHEAD, 2);
        layout.measure(SPACING.name(), 0, -half, spacing, -half, LabelDirection.RIGHT, 1);
        layout.measure(DEPTH.name(), spacing, half, spacing - s.of(DEPTH), half, LabelDirection.LEFT, 1);
        return Lane.ridden(layout, length, s.of(WIDTH));
    }
}
