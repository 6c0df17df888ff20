package wrenlane.course.plan;

import java.util.List;
import java.util.Optional;
import wrenlane.finding.Sentence;
import wrenlane.plane.Point;

/**
 * A course on the ground, in its own axes.
 *
 * @param cones in the order they are set out
 * @param lines painted or chalked
 * @param route the way through
 * @param area ground it takes, with run-in and run-out
 * @param measures where its dimensions are drawn
 * @param notes what is worth knowing about these settings, in whole sentences
 */
public record CoursePlan(
        List<Cone> cones,
        List<CourseLine> lines,
        Route route,
        Area area,
        List<Measure> measures,
        List<Sentence> notes) {
    public CoursePlan {
        cones = List.copyOf(cones);
        lines = List.copyOf(lines);
        measures = List.copyOf(measures);
        notes = List.copyOf(notes);
    }

    /**
     * Where a dimension is drawn, as a draughtsman does: beside what it measures.
     *
     * @param name of the dimension
     * @param from one end on the ground
     * @param to the other, which is dragged
     * @param away which way the drawn line lies from there, along an axis: its length says in which row, 1 the nearest
     * @param gain how much the dimension grows for a metre that {@code to} is dragged: 2 where it grows both ways
     */
    public record Measure(String name, Point from, Point to, Point away, double gain) {
        Measure mirrored() {
            return new Measure(name, from.mirrored(), to.mirrored(), away.mirrored(), gain);
        }
    }

    /**
     * A rectangle along the course's axes.
     *
     * @param minX its nearest along the run, in metres
     * @param maxX its furthest along the run, in metres
     * @param minY its furthest to the right, in metres
     * @param maxY its furthest to the left, in metres
     */
    public record Area(double minX, double maxX, double minY, double maxY) {
        /** Extent along the run. */
        public double lengthMetres() {
            return maxX - minX;
        }

        /** Extent across it. */
        public double widthMetres() {
            return maxY - minY;
        }
    }

    /**
     * The same among cones of other courses, which are ridden by on whichever side there is room.
     *
     * @param others in this course's axes, each called what the verdict is to call it
     */
    public CoursePlan among(List<Cone> others) {
        List<Barrier> keeps = others.stream()
                .<Barrier>map(cone ->
                        Barrier.ConeBarrier.of(cone.label(), cone, Optional.empty(), 0, route.lengthMetres(), false))
                .toList();
        return new CoursePlan(cones, lines, route.with(keeps), area, measures, notes);
    }

    /** The same with sides changed over. */
    public CoursePlan mirrored() {
        return new CoursePlan(
                cones.stream().map(Cone::mirrored).toList(),
                lines.stream().map(CourseLine::mirrored).toList(),
                route.mirrored(),
                new Area(area.minX(), area.maxX(), -area.maxY(), -area.minY()),
                measures.stream().map(Measure::mirrored).toList(),
                notes);
    }
}
