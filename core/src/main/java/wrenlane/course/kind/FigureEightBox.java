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
import wrenlane.finding.Finding;
import wrenlane.finding.Sentence;
import wrenlane.plane.Point;

/** A rectangle with a U-turn at each end, to alternate sides. */
final class FigureEightBox implements CourseKind {
    private static final CourseDimension WIDTH = CourseDimension.ladder("widthMetres", "Width", 3, 20, 7.5);
    private static final CourseDimension LENGTH = CourseDimension.length("lengthMetres", "Length", 6, 40, 18);
    private static final CourseDimension EDGE = CourseDimension.length("edgeSpacingMetres", "Edge spacing", 0.5, 10, 3);
    private static final CourseOption MARKING =
            CourseOption.of("marking", "Marks", ConeMarking.FLAT, ConeMarking.FLAT, ConeMarking.BAYS);

    @Override
    public String id() {
        return "figure-eight-box";
    }

    @Override
    public String label() {
        return "Figure-eight box";
    }

    @Override
    public String purpose() {
        return "A U-turn at each end, one to either side, without leaving the box.";
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
    public TurnSides turning() {
        return TurnSides.BOTH_SIDES;
    }

    @Override
    public List<Finding> contradictions(CourseSettings s) {
        if (s.of(LENGTH) >= LEAST_SHAPE * s.of(WIDTH)) {
            return List.of();
        }
        return List.of(new Finding(
                "box-too-short",
                LENGTH.name(),
                Sentence.of(
                        "A box %s wide needs at least %s of length for a turn at each end; it has %s.",
                        Sentence.metres(s.of(WIDTH)),
                        Sentence.metres(LEAST_SHAPE * s.of(WIDTH)),
                        Sentence.metres(s.of(LENGTH)))));
    }

    /** Least length for the width; chosen by us: below, the two turns run into one another. */
    private static final double LEAST_SHAPE = 1.6;

    @Override
    public CoursePlan plan(CourseSettings s) {
        CourseLayout layout = new CourseLayout(s.markers());
        double width = s.of(WIDTH);
        double length = s.of(LENGTH);
        double half = width / 2;
        double[][] corners = {{0, -half}, {length, -half}, {length, half}, {0, half}};
        String[] labels = {"A", "B", "C", "D"};
        String[] names = {"right side", "far line", "left side", "near line"};
        for (int i = 0; i < 4; i++) {
            double[] from = corners[i];
            double[] to = corners[(i + 1) % 4];
            layout.boundary(names[i], Part.WHEELS, from[0], from[1], to[0], to[1]);
            double outX = from[0] == 0 ? -1 : 1;
            double outY = from[1] < 0 ? -1 : 1;
            layout.coneOutside(labels[i], ConeRole.CORNER, ConeSort.TALL, from[0], from[1], outX, outY);
            if (s.of(MARKING, ConeMarking.class) != ConeMarking.BAYS) {
                boolean along = i % 2 == 0;
                layout.edge(
                        labels[i],
                        ConeSort.FLAT,
                        from[0],
                        from[1],
                        to[0],
                        to[1],
                        s.of(EDGE),
                        along ? 0 : outX,
                        along ? outY : 0);
            }
        }
        layout.measure(WIDTH.name(), length, -half, length, half, LabelDirection.AHEAD, 2);
        layout.measure(LENGTH.name(), 0, -half, length, -half, LabelDirection.RIGHT, 1);
        double radius = half - Turns.inset(width);
        double apart = length / 2 - radius - END_METRES;
        Turns.eight(layout, length / 2, Math.max(apart, radius), radius);
        double slant = Turns.slant(Math.max(apart, radius), radius);
        RouteEnd middle = new RouteEnd(new Point(length / 2, 0), -slant, half, half, Math.toRadians(60), true);
        return layout.finish(middle, middle, new CoursePlan.Area(0, length, -half, half));
    }

    /** How far the guessed way stays from the ends, in metres: the front reaches further. */
    private static final double END_METRES = 0.9;
}
