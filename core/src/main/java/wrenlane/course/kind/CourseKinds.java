package wrenlane.course.kind;

import java.util.List;
import java.util.Optional;
import wrenlane.course.CourseKind;

/** Every kind of course there is, in the order they are taught. */
public final class CourseKinds {
    private static final List<CourseKind> ALL = List.of(
            new Lane(),
            new StopBoxes(),
            new PlankCrossing(),
            new TurningCircleTest(),
            new Circle(),
            new StraightWeave(),
            new UTurnBox(),
            new FullLockStart(),
            new FigureEight(),
            new FigureEightBox(),
            new OffsetWeave(),
            new CircleWeave(),
            new ReturnGates(),
            new WeaveAndTurn(),
            new Crossroads());

    private CourseKinds() {}

    /** All kinds. */
    public static List<CourseKind> all() {
        return ALL;
    }

    /** The kind of an id, if there is one. */
    public static Optional<CourseKind> find(String id) {
        return ALL.stream().filter(k -> k.id().equals(id)).findFirst();
    }

    /** Calls for a crossroads, drawn at random: R, L, S, U and V, each as likely; the same seed draws the same. */
    public static String drawCalls(int count, long seed) {
        return Crossroads.draw(count, seed);
    }

    /** The kind taken where none is chosen: the one most lessons come back to. */
    public static CourseKind usual() {
        return uTurnBox();
    }

    /** The box in which machines are turned round. */
    public static CourseKind uTurnBox() {
        return find(UTurnBox.ID).orElseThrow();
    }
}
