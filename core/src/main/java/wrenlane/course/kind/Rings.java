package wrenlane.course.kind;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoublePredicate;
import wrenlane.course.CourseDimension;
import wrenlane.course.CourseOption;
import wrenlane.course.CourseSettings;
import wrenlane.course.plan.Cone;
import wrenlane.course.plan.ConeRole;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.CourseLayout;
import wrenlane.course.plan.Marker;
import wrenlane.finding.Finding;
import wrenlane.finding.Sentence;

/** Cones on circles. */
final class Rings {
    private Rings() {}

    /** Whether the centre of a ring is marked. */
    static final CourseOption CENTRE = CourseOption.of("centreMark", "Centre mark", Presence.NO, Presence.values());

    /** Marks the centre at (0, 0), where that is wanted. */
    static void markCentre(CourseLayout layout, CourseSettings s) {
        if (s.of(CENTRE, Presence.class) == Presence.YES) {
            layout.cone("M", ConeRole.CENTRE, ConeSort.FLAT, 0, 0);
        }
    }

    /** n cones on a circle, the first at the bottom and half a spacing on, anticlockwise. */
    static List<Cone> cones(
            CourseLayout layout, String label, int n, double x, double y, double radius, ConeSort sort, ConeRole role) {
        List<Cone> ring = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double a = angle(i, n);
            ring.add(layout.cone(label + (i + 1), role, sort, x + radius * Math.cos(a), y + radius * Math.sin(a)));
        }
        return ring;
    }

    /** n cones evenly round a circle where it is wanted, outside it with their bases touching it. */
    static void conesOutside(
            CourseLayout layout,
            String label,
            int n,
            double x,
            double y,
            double radius,
            ConeSort sort,
            DoublePredicate where) {
        for (int i = 0; i < n; i++) {
            double a = angle(i, n);
            if (where.test(a)) {
                double c = Math.cos(a);
                double s = Math.sin(a);
                layout.coneOutside(label + (i + 1), ConeRole.EDGE, sort, x + radius * c, y + radius * s, c, s);
            }
        }
    }

    /** Where the rear wheel is guessed to go within a ring, from its centre, in metres: the front reaches further. */
    static double within(double radius) {
        return Math.max(radius / 2, radius - FRONT_METRES);
    }

    private static final double FRONT_METRES = 0.8;

    /** Where cone i of n stands, in radians from +x. */
    static double angle(int i, int n) {
        return -Math.PI / 2 + 2 * Math.PI * (i + 0.5) / n;
    }

    /** Distance between neighbours: the chord c = D·sin(π/n), in metres. */
    static double chordMetres(double diameter, int n) {
        return diameter * Math.sin(Math.PI / n);
    }

    /** How many cones come nearest to a wanted chord: n = π / asin(c/D), rounded. */
    static int countFor(double diameter, double chord) {
        return (int) Math.round(Math.PI / Math.asin(Math.min(1, chord / diameter)));
    }

    /** A finding where neighbours would touch. */
    static List<Finding> conesTouch(double diameter, int n, Marker marker, CourseDimension count) {
        double chord = chordMetres(diameter, n);
        if (n < 2 || chord > marker.baseMetres()) {
            return List.of();
        }
        return List.of(new Finding(
                "cones-touch",
                count.name(),
                Sentence.of(
                        "%d cones on %s stand %s apart, closer than their bases are wide (%s). Use fewer,"
                                + " or a larger circle.",
                        n, Sentence.metres(diameter), Sentence.metres(chord), Sentence.metres(marker.baseMetres()))));
    }
}
