package wrenlane.setup;

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

    /** The same as they are called among other cones that stand on their marks. */
    Corners as(List<Cone> laid) {
        return new Corners(on(laid, a), on(laid, b), on(laid, c), on(laid, d));
    }

    private static Cone on(List<Cone> laid, Cone corner) {
        return laid.stream()
                .filter(cone -> cone.sort() == corner.sort() && cone.mark().equals(corner.mark()))
                .findFirst()
                .orElse(corner);
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
