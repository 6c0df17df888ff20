package wrenlane.course.kind;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import wrenlane.course.CourseDimension;
import wrenlane.course.CourseKind;
import wrenlane.course.CourseOption;
import wrenlane.course.CourseSettings;
import wrenlane.course.plan.Barrier.Part;
import wrenlane.course.plan.Cone;
import wrenlane.course.plan.ConeRole;
import wrenlane.course.plan.ConeSort;
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
 * Four legs of one width, meeting at (0, 0). The rider comes up a leg on its right-hand half; at the crossing a call
 * sends them right, left or straight on into another leg, or round to the left or the right and back. At the end of a leg
 * they turn left round a mark in its middle and come back for the next call.
 */
final class Crossroads implements CourseKind {
    private static final CourseDimension WIDTH = CourseDimension.ladder("legWidthMetres", "Leg width", 3, 14, 7.5);
    private static final CourseDimension LENGTH = CourseDimension.length("legLengthMetres", "Leg length", 5, 25, 10);
    private static final CourseOption CALLS = CourseOption.typed("calls", "Calls", "RL");

    /** Calls accepted at most: more make a run of several minutes. */
    private static final int MOST_CALLS = 6;

    @Override
    public String id() {
        return "crossroads";
    }

    @Override
    public String label() {
        return "Crossroads";
    }

    @Override
    public String purpose() {
        return "Right, left, straight on and U-turns as they are called, leg by leg.";
    }

    @Override
    public List<CourseDimension> dimensions() {
        return List.of(WIDTH, LENGTH);
    }

    @Override
    public List<CourseOption> options() {
        return List.of(CALLS);
    }

    @Override
    public TurnSides turning() {
        return TurnSides.BOTH_SIDES;
    }

    @Override
    public List<Finding> contradictions(CourseSettings s) {
        String calls = s.of(CALLS);
        if (!calls.matches("[RLSUV]{1," + MOST_CALLS + "}")) {
            return List.of(new Finding(
                    "calls-not-understood",
                    CALLS.name(),
                    "Calls are 1 to " + MOST_CALLS
                            + " letters: R right, L left, S straight on, U turn round to the left,"
                            + " V to the right. They are \"" + calls + "\"."));
        }
        double least = s.of(WIDTH) / 2 + LEAST_LEG_METRES;
        if (s.of(LENGTH) < least) {
            return List.of(new Finding(
                    "legs-too-short",
                    LENGTH.name(),
                    Sentence.of(
                            "Legs %s wide must be at least %s long, from the middle of the crossing.",
                            Sentence.metres(s.of(WIDTH)), Sentence.metres(least))));
        }
        return List.of();
    }

    private static final double LEAST_LEG_METRES = 3;

    /** Calls drawn at random, each as likely; the same seed draws the same. */
    static String draw(int count, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        StringBuilder calls = new StringBuilder();
        for (int i = 0; i < count; i++) {
            calls.append("RLSUV".charAt(random.nextInt(5)));
        }
        return calls.toString();
    }

    @Override
    public CoursePlan plan(CourseSettings s) {
        CourseLayout layout = new CourseLayout(s.markers());
        double half = s.of(WIDTH) / 2;
        double length = s.of(LENGTH);
        List<Cone> middles = new ArrayList<>();
        for (int leg = 0; leg < 4; leg++) {
            walls(layout, leg, half, length);
            Point middle = turned(leg, length - half / 2 - END_METRES, 0);
            middles.add(layout.cone("M" + (leg + 1), ConeRole.TURN, ConeSort.FLAT, middle.x(), middle.y()));
        }
        layout.measure(WIDTH.name(), length, -half, length, half, LabelDirection.AHEAD, 2);
        layout.measure(LENGTH.name(), 0, -length, length, -length, LabelDirection.RIGHT, 1);
        Rider rider = new Rider(layout, half, length, middles);
        for (char call : s.of(CALLS).toCharArray()) {
            rider.obey(call);
        }
        double lastLeg = layout.station();
        RouteEnd end = rider.stop();
        for (int leg = 0; leg < 4; leg++) {
            legEnd(layout, leg, half, length, lastLeg);
        }
        return layout.finish(
                new RouteEnd(new Point(START_INSIDE_METRES - length, -half / 2), 0, half, half, 0, false),
                end,
                new CoursePlan.Area(-length, length, -length, length));
    }

    private static final String[] NAMES = {"east leg", "north leg", "west leg", "south leg"};

    /** Both sides and the end of a leg, seen from the crossing outwards along leg · 90°. */
    private static void walls(CourseLayout layout, int leg, double half, double length) {
        Point nearRight = turned(leg, half, -half);
        Point farRight = turned(leg, length, -half);
        Point farLeft = turned(leg, length, half);
        Point nearLeft = turned(leg, half, half);
        String name = NAMES[leg];
        line(layout, name, nearRight, farRight);
        line(layout, name, farLeft, nearLeft);
        layout.coneOutside(
                "C" + (leg + 1),
                ConeRole.CORNER,
                ConeSort.FLAT,
                nearLeft.x(),
                nearLeft.y(),
                Math.signum(nearLeft.x()),
                Math.signum(nearLeft.y()));
        for (Point far : List.of(farRight, farLeft)) {
            layout.coneOutside(
                    "E" + (leg + 1) + (far == farRight ? "R" : "L"),
                    ConeRole.CORNER,
                    ConeSort.FLAT,
                    far.x(),
                    far.y(),
                    leg % 2 == 0 ? 0 : Math.signum(far.x()),
                    leg % 2 == 0 ? Math.signum(far.y()) : 0);
        }
    }

    /**
     * The end of a leg: it leaves the room less while it is turned at. The run starts just inside one and stops short of
     * one, by our choice, which says nothing of the course.
     */
    private static void legEnd(CourseLayout layout, int leg, double half, double length, double lastLeg) {
        String name = "end of the " + NAMES[leg];
        Point from = turned(leg, length, -half);
        Point to = turned(leg, length, half);
        layout.boundary(name, Part.WHEELS, from, to, CourseLine.Sort.BOUNDARY, AWAY_FROM_THE_START_METRES, lastLeg);
        layout.endBoundary(name, from, to, lastLeg);
    }

    /** A run is away from the end it started at after so many metres: longer than any machine. */
    private static final double AWAY_FROM_THE_START_METRES = 3;

    private static void line(CourseLayout layout, String name, Point from, Point to) {
        layout.boundary(name, Part.WHEELS, from.x(), from.y(), to.x(), to.y());
    }

    private static Point turned(int quarters, double x, double y) {
        return switch (Math.floorMod(quarters, 4)) {
            case 0 -> new Point(x, y);
            case 1 -> new Point(-y, x);
            case 2 -> new Point(-x, -y);
            default -> new Point(y, -x);
        };
    }

    /** Walks the calls. Heading in quarter turns from +x; coming in to the crossing until a call is obeyed. */
    private static final class Rider {
        private final CourseLayout layout;
        private final double half;
        private final double length;
        private final List<Cone> middles;
        private int heading;
        private boolean atTheEnd;

        Rider(CourseLayout layout, double half, double length, List<Cone> middles) {
            this.middles = middles;
            this.layout = layout;
            this.half = half;
            this.length = length;
            layout.start(START_INSIDE_METRES - length, -half / 2);
        }

        void obey(char call) {
            if (atTheEnd) {
                turnAtTheEnd();
                atTheEnd = false;
            }
            switch (call) {
                case 'R' -> {
                    go(-half, -half / 2);
                    round(-half, -half, -Math.PI / 2);
                    heading = Math.floorMod(heading - 1, 4);
                }
                case 'L' -> {
                    go(-half, -half / 2);
                    round(-half, half, Math.PI / 2);
                    heading = Math.floorMod(heading + 1, 4);
                }
                case 'U' -> turnRound(Side.LEFT, -half / 2 - END_METRES);
                case 'V' -> turnRound(Side.RIGHT, -half / 2 - END_METRES);
                default -> go(half, -half / 2);
            }
            go(half, -half / 2);
            atTheEnd = true;
        }

        /** Turns round the mark in the middle of the leg, at its end. */
        private void turnAtTheEnd() {
            double along = length - half / 2 - END_METRES;
            go(along, -half / 2);
            Point centre = turned(heading, along, 0);
            layout.goRound(centre.x(), centre.y(), Math.PI / 2);
            layout.pass(middles.get(heading), Side.LEFT);
            layout.goRound(centre.x(), centre.y(), Math.PI / 2);
            heading = Math.floorMod(heading + 2, 4);
        }

        /**
         * Turns round in the crossing: to the left from the right-hand half of the leg, or to the right from its left-hand
         * half, which is come over to before. The other legs are not ridden into.
         *
         * @param along the turn's middle, along the heading
         */
        private void turnRound(Side side, double along) {
            double from = layout.station();
            go(along, -side.sign() * half / 2);
            round(along, 0, side.sign() * Math.PI);
            limit(from, half, -half, half, half);
            limit(from, half, half, -half, half);
            limit(from, -half, -half, half, -half);
            heading = Math.floorMod(heading + 2, 4);
        }

        /** The crossing's edge, from a station to here. */
        private void limit(double from, double x1, double y1, double x2, double y2) {
            layout.boundary(
                    "edge of the crossing",
                    Part.WHEELS,
                    turned(heading, x1, y1),
                    turned(heading, x2, y2),
                    CourseLine.Sort.AREA,
                    from,
                    layout.station());
        }

        RouteEnd stop() {
            Point end = turned(heading, length - STOP_SHORT_METRES, -half / 2);
            layout.go(end.x(), end.y());
            return new RouteEnd(end, heading * Math.PI / 2, half, half, 0.3, true);
        }

        private void go(double x, double y) {
            Point to = turned(heading, x, y);
            layout.go(to.x(), to.y());
        }

        private void round(double x, double y, double turn) {
            Point centre = turned(heading, x, y);
            layout.goRound(centre.x(), centre.y(), turn);
        }
    }

    /** Where the run starts, inside the end of its leg, in metres. */
    private static final double START_INSIDE_METRES = 0.5;

    private static final double END_METRES = 1.2;
    /** A run ends with the machine standing short of the leg's end, in metres. */
    private static final double STOP_SHORT_METRES = 2.5;
}
