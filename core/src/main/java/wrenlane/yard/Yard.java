package wrenlane.yard;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import wrenlane.course.plan.CoursePlan;
import wrenlane.finding.Sentence;
import wrenlane.plane.Point;
import wrenlane.units.MeasuredLength;

/**
 * A paved area to ride on, in its own axes: corner A at the origin, side AB along x, the yard to its left.
 *
 * @param outline its corners, anticlockwise, no two sides crossing
 * @param surface what it is paved with
 * @param fall how the ground falls
 * @param obstacles what stands or lies on it
 * @param bays rows of painted bays
 * @param entrance where machines come in, on the outline; empty where it does not matter
 */
public record Yard(
        List<Point> outline,
        Surface surface,
        Fall fall,
        List<Obstacle> obstacles,
        List<BayRow> bays,
        Optional<Point> entrance) {
    /** Fall above which novices are warned, in percent. */
    public static final double NOVICE_FALL_PERCENT = 3;

    /** Fall above which we advise against tight turns for anyone, in percent; chosen by us, twice the novices'. */
    public static final double STEEP_FALL_PERCENT = 6;

    public Yard {
        outline = List.copyOf(outline);
        obstacles = List.copyOf(obstacles);
        bays = List.copyOf(bays);
        if (outline.size() < 3 || !Shapes.polygon(outline).isValid()) {
            throw new IllegalArgumentException(
                    "an outline of " + outline.size() + " corners encloses no ground; survey it first");
        }
    }

    /** An empty rectangle. */
    public static Yard rectangle(MeasuredLength length, MeasuredLength width, Surface surface, Fall fall) {
        return new Yard(
                MeasuredOutline.rectangle(length, width).survey().corners(),
                surface,
                fall,
                List.of(),
                List.of(),
                Optional.empty());
    }

    /** Whether somebody can stand at a place, in the yard's axes: within the outline, and off what blocks the ground. */
    public boolean isOpen(Point place) {
        Coordinate at = Shapes.at(place);
        return Shapes.polygon(outline).contains(Shapes.FACTORY.createPoint(at))
                && obstacles.stream()
                        .filter(o -> o.kind().blocks())
                        .noneMatch(o -> o.keptClear().contains(Shapes.FACTORY.createPoint(at)));
    }

    /** The cautions of the ground itself. */
    public List<Caution> cautions() {
        List<Caution> cautions = new ArrayList<>();
        if (fall.percent() > STEEP_FALL_PERCENT) {
            cautions.add(new Caution(
                    "fall-steep",
                    Sentence.of(
                            "The ground falls %.1f %%: too steep for tight turns. Find flatter ground.",
                            fall.percent())));
        } else if (fall.percent() > NOVICE_FALL_PERCENT) {
            cautions.add(new Caution(
                    "fall-novices",
                    Sentence.of(
                            "The ground falls %.1f %%. Above %.0f %% novices drop machines on the downhill side: set tight"
                                    + " turns so that they climb, or leave them out.",
                            fall.percent(), NOVICE_FALL_PERCENT)));
        }
        if (surface.loose()) {
            cautions.add(new Caution(
                    "surface-loose",
                    "Loose ground (" + surface.label()
                            + "): less grip, so less lean. Walking pace and wide sizes first;"
                            + " never the front brake with the bars turned."));
        }
        return List.copyOf(cautions);
    }

    /** What does not suit a course that takes an area here; empty where it does. */
    public List<Caution> cautionsFor(CoursePlan.Area area) {
        FreeSpace empty = FreeSpace.of(this);
        return empty.hasRoomFor(area.lengthMetres(), area.widthMetres())
                ? List.of()
                : List.of(new Caution(
                        "course-too-large",
                        Sentence.of(
                                "With its run-in the course takes %s by %s; along no side of this yard is there so"
                                        + " much clear ground.",
                                Sentence.metres(area.lengthMetres(), 1), Sentence.metres(area.widthMetres(), 1))));
    }
}
