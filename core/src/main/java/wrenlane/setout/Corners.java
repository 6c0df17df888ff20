package wrenlane.setout;

import java.util.List;
import java.util.Optional;
import wrenlane.course.plan.Cone;

/** The four corners of a rectangular course, in the order they are walked. */
public record Corners(Cone a, Cone b, Cone c, Cone d) {
    /** The corners of a plan, where it has four labelled A to D. */
    public static Optional<Corners> of(List<Cone> cones) {
        return find(cones, "A")
                .flatMap(a -> find(cones, "B")
                        .flatMap(b ->
                                find(cones, "C").flatMap(c -> find(cones, "D").map(d -> new Corners(a, b, c, d)))));
    }

    private static Optional<Cone> find(List<Cone> cones, String label) {
        return cones.stream().filter(cone -> cone.label().equals(label)).findFirst();
    }

    /** From A to B, in metres. */
    public double depthMetres() {
        return a.mark().distanceTo(b.mark());
    }

    /** From B to C, in metres. */
    public double widthMetres() {
        return b.mark().distanceTo(c.mark());
    }
}
