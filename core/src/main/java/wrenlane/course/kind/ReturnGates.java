package wrenlane.course.kind;

import java.util.ArrayList;
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
import wrenlane.course.plan.RouteEnd;
import wrenlane.finding.Finding;
import wrenlane.finding.Sentence;
import wrenlane.machine.Side;
import wrenlane.plane.Point;

/**
 * n gates of width g at pitch q on one line, ridden up through one and back through the next: gate i stands at
 * (0, i·q), and the turns lie within a turn room of the line.
 */
final class ReturnGates implements CourseKind {
    private static final CourseDimension PITCH = CourseDimension.ladder("pitchMetres", "Pitch", 1.5, 12, 4.5);
    private static final CourseDimension GATE = CourseDimension.length("gateMetres", "Gate", 0.8, 6, 1.8);
    private static final CourseDimension COUNT = CourseDimension.count("gateCount", "Gates", 2, 8, 4);
    private static final CourseDimension ROOM = CourseDimension.length("turnRoomMetres", "Turn room", 3, 20, 7);
    private static final CourseOption MARKING = ConeMarking.cones(ConeMarking.FLAT);

    @Override
    public String id() {
        return "return-gates";
    }

    @Override
    public String label() {
        return "Return gates";
    }

    @Override
    public String purpose() {
        return "Up through one gate and back through the next: use all the width between.";
    }

    @Override
    public List<CourseDimension> dimensions() {
        return List.of(PITCH, GATE, COUNT, ROOM);
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
    public List<Finding> contradictions(CourseSettings s) {
        double least = s.of(GATE) + 2 * ConeMarking.marker(s, MARKING).baseMetres();
        if (s.of(PITCH) >= least) {
            return List.of();
        }
        return List.of(new Finding(
                "gates-overlap",
                GATE.name(),
                Sentence.of(
                        "Gates %s wide at a pitch of %s overlap: the pitch must be at least %s, the gate and"
                                + " two cones.",
                        Sentence.metres(s.of(GATE)), Sentence.metres(s.of(PITCH)), Sentence.metres(least))));
    }

    @Override
    public CoursePlan plan(CourseSettings s) {
        CourseLayout layout = new CourseLayout(s.markers());
        int n = s.countOf(COUNT);
        double pitch = s.of(PITCH);
        double half = s.of(GATE) / 2;
        double turnRoom = s.of(ROOM);
        ConeSort sort = s.of(MARKING, ConeMarking.class).sort();
        List<Cone> cones = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            cones.add(layout.coneOutside(i + 1 + "R", ConeRole.GATE, sort, 0, i * pitch - half, 0, -1));
            cones.add(layout.coneOutside(i + 1 + "L", ConeRole.GATE, sort, 0, i * pitch + half, 0, 1));
        }
        double low = -BESIDE_METRES;
        double high = (n - 1) * pitch + BESIDE_METRES;
        layout.limit("edge of the turn room", -turnRoom, low, turnRoom, low);
        layout.limit("edge of the turn room", turnRoom, low, turnRoom, high);
        layout.limit("edge of the turn room", turnRoom, high, -turnRoom, high);
        layout.limit("edge of the turn room", -turnRoom, high, -turnRoom, low);
        layout.measure(PITCH.name(), 0, 0, 0, pitch, LabelDirection.BEHIND, 1);
        layout.measure(GATE.name(), 0, (n - 1) * pitch - half, 0, (n - 1) * pitch + half, LabelDirection.AHEAD, 2);
        layout.measure(ROOM.name(), 0, low, turnRoom, low, LabelDirection.RIGHT, 1);
        double straight = Math.max(0.3, Math.min(turnRoom - pitch / 2 - 1.5, 1));
        layout.start(1 - turnRoom, 0);
        for (int i = 0; i < n; i++) {
            int way = i % 2 == 0 ? 1 : -1;
            layout.go(0, i * pitch);
            layout.pass(cones.get(2 * i), way > 0 ? Side.RIGHT : Side.LEFT);
            layout.pass(cones.get(2 * i + 1), way > 0 ? Side.LEFT : Side.RIGHT);
            if (i < n - 1) {
                layout.go(way * straight, i * pitch);
                layout.goRound(way * straight, (i + 0.5) * pitch, way * Math.PI);
            }
        }
        int last = n % 2 == 1 ? 1 : -1;
        double stop = last * (turnRoom - STOP_SHORT_METRES);
        layout.go(stop, (n - 1) * pitch);
        return layout.finish(
                new RouteEnd(new Point(1 - turnRoom, 0), 0, half, half, 0.2, false),
                new RouteEnd(new Point(stop, (n - 1) * pitch), last > 0 ? 0 : Math.PI, 2, 2, 0.6, false),
                new CoursePlan.Area(-turnRoom, turnRoom, low, high));
    }

    /** Where the rear wheel is when the run ends, short of the turn room's edge, in metres: the front stands ahead. */
    private static final double STOP_SHORT_METRES = 2.4;

    /** Ground taken beside the first and the last gate, in metres. */
    private static final double BESIDE_METRES = 3;
}
