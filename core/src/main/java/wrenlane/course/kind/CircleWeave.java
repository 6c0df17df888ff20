package wrenlane.course.kind;

import java.util.ArrayList;
import java.util.List;
import wrenlane.course.CourseDimension;
import wrenlane.course.CourseKind;
import wrenlane.course.CourseOption;
import wrenlane.course.CourseSettings;
import wrenlane.course.plan.Cone;
import wrenlane.course.plan.ConeRole;
import wrenlane.course.plan.CourseLayout;
import wrenlane.course.plan.CourseLayout.LabelDirection;
import wrenlane.course.plan.CourseLine;
import wrenlane.course.plan.CoursePlan;
import wrenlane.course.plan.RouteEnd;
import wrenlane.finding.Finding;
import wrenlane.finding.Sentence;
import wrenlane.machine.Side;
import wrenlane.plane.Point;

/**
 * n cones on a circle of diameter D, ridden inside, outside, or in and out in turn. The count is given, or follows from
 * a wanted spacing c: n = π / asin(c/D), rounded; the true spacing is then D·sin(π/n).
 */
final class CircleWeave implements CourseKind {
    private static final CourseDimension DIAMETER = CourseDimension.ladder("diameterMetres", "Diameter", 4, 40, 16);
    private static final CourseDimension COUNT = CourseDimension.count("coneCount", "Cones", 4, 24, 8);
    private static final CourseDimension SPACING =
            CourseDimension.length("wantedSpacingMetres", "Wanted spacing", 1, 15, 6);
    private static final CourseDimension LANE = CourseDimension.length("laneMetres", "Lane each side", 1, 6, 2.5);
    private static final CourseOption GIVEN =
            CourseOption.of("given", "Cones by", FixedDimension.COUNT, FixedDimension.values());
    private static final CourseOption LAP = CourseOption.of("lap", "Lap", Lap.IN_AND_OUT, Lap.values());
    private static final CourseOption MARKING = ConeMarking.cones(ConeMarking.FLAT);

    private enum FixedDimension {
        COUNT("Count"),
        SPACING("Spacing");

        private final String label;

        FixedDimension(String label) {
            this.label = label;
        }

        @Override
        public String toString() {
            return label;
        }
    }

    private enum Lap {
        INSIDE("Inside"),
        OUTSIDE("Outside"),
        IN_AND_OUT("In and out");

        private final String label;

        Lap(String label) {
            this.label = label;
        }

        @Override
        public String toString() {
            return label;
        }
    }

    @Override
    public String id() {
        return "circle-weave";
    }

    @Override
    public String label() {
        return "Circle weave";
    }

    @Override
    public String purpose() {
        return "A weave bent into a circle: more lean one way than the other, without a straight to rest on.";
    }

    @Override
    public List<CourseDimension> dimensions() {
        return List.of(DIAMETER, LANE, COUNT, SPACING);
    }

    @Override
    public List<CourseOption> options() {
        return List.of(LAP, GIVEN, Rings.CENTRE, MARKING);
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
    public List<Finding> contradictions(CourseSettings s) {
        if (s.of(GIVEN, FixedDimension.class) == FixedDimension.SPACING
                && s.of(SPACING) > s.of(DIAMETER) * MOST_CHORD) {
            return List.of(new Finding(
                    "spacing-too-wide",
                    SPACING.name(),
                    Sentence.of(
                            "A circle of %s has no four cones %s apart: the wanted spacing is at most %s.",
                            Sentence.metres(s.of(DIAMETER)),
                            Sentence.metres(s.of(SPACING)),
                            Sentence.metres(s.of(DIAMETER) * MOST_CHORD))));
        }
        return Rings.conesTouch(s.of(DIAMETER), count(s), ConeMarking.marker(s, MARKING), COUNT);
    }

    /** The chord of four cones on a circle of one metre, and a little more, for it rounds to four as well. */
    private static final double MOST_CHORD = 0.78;

    private static int count(CourseSettings s) {
        return s.of(GIVEN, FixedDimension.class) == FixedDimension.COUNT
                ? s.countOf(COUNT)
                : Rings.countFor(s.of(DIAMETER), s.of(SPACING));
    }

    @Override
    public CoursePlan plan(CourseSettings s) {
        CourseLayout layout = new CourseLayout(s.markers());
        double radius = s.of(DIAMETER) / 2;
        double lane = s.of(LANE);
        int n = count(s);
        List<Cone> ring = Rings.cones(
                layout, "", n, 0, 0, radius, s.of(MARKING, ConeMarking.class).sort(), ConeRole.TURN);
        Rings.markCentre(layout, s);
        Lap lap = s.of(LAP, Lap.class);
        layout.ringAround("outer edge", 0, 0, radius + lane, CourseLine.Sort.AREA, 0, Circle.FOREVER, angle -> true);
        if (lane < radius) {
            layout.island("inner edge", 0, 0, radius - lane, Side.LEFT);
        }
        double off = Math.min(lane / 2, GUESSED_OFF_METRES);
        List<Side> sides = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            sides.add(
                    switch (lap) {
                        case OUTSIDE -> Side.LEFT;
                        case INSIDE -> Side.RIGHT;
                        case IN_AND_OUT -> i % 2 == 0 ? Side.LEFT : Side.RIGHT;
                    });
        }
        double base = lap == Lap.IN_AND_OUT ? 0 : lap == Lap.OUTSIDE ? off : -off;
        layout.start(0, -(radius + base));
        for (int i = 0; i < n; i++) {
            double out = sides.get(i) == Side.LEFT ? off : -off;
            double a = Rings.angle(i, n);
            layout.go((radius + out) * Math.cos(a), (radius + out) * Math.sin(a));
            layout.pass(ring.get(i), sides.get(i));
            double between = a + Math.PI / n;
            layout.go((radius + base) * Math.cos(between), (radius + base) * Math.sin(between));
        }
        layout.measure(DIAMETER.name(), -radius, 0, radius, 0, LabelDirection.RIGHT, 2);
        layout.measure(LANE.name(), radius, 0, radius + lane, 0, LabelDirection.LEFT, 1);
        notes(layout, s, n, lap);
        RouteEnd end = new RouteEnd(new Point(0, -(radius + base)), 0, lane, lane, END_HEADING_FREE, true);
        double reach = radius + lane;
        return layout.finish(end, end, new CoursePlan.Area(-reach, reach, -reach, reach));
    }

    private static final double HALF_A_CENTIMETRE = 0.005;
    private static final double GUESSED_OFF_METRES = 0.8;
    private static final double END_HEADING_FREE = Math.toRadians(70);

    private static void notes(CourseLayout layout, CourseSettings s, int n, Lap lap) {
        layout.note(Sentence.of(
                "%d cones, %s from one to the next.", n, Sentence.metres(Rings.chordMetres(s.of(DIAMETER), n))));
        if (s.of(GIVEN, FixedDimension.class) == FixedDimension.SPACING) {
            double chord = Rings.chordMetres(s.of(DIAMETER), n);
            int other = chord > s.of(SPACING) ? n + 1 : n - 1;
            if (Math.abs(chord - s.of(SPACING)) > HALF_A_CENTIMETRE) {
                layout.note(Sentence.of(
                        "%s does not divide this circle: %d cones would stand %s apart.",
                        Sentence.metres(s.of(SPACING)),
                        other,
                        Sentence.metres(Rings.chordMetres(s.of(DIAMETER), other))));
            }
        }
        if (lap == Lap.IN_AND_OUT) {
            layout.note(
                    n % 2 == 0
                            ? "An even count: every lap passes each cone on the same side."
                            : "An odd count: the sides change over from lap to lap.");
        }
    }
}
