package wrenlane.course;

import java.util.ArrayList;
import java.util.List;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;
import wrenlane.machine.Side;

/**
 * A rectangle open at its mouth, in which the machine turns round.
 *
 * <p>Drawn for a rider who comes in along the right-hand line (y = 0) and turns left: the box is 0 ≤ x ≤ depth,
 * 0 ≤ y ≤ width. Entered along the left-hand line it is the mirror image, −width ≤ y ≤ 0. Cones stand outside their
 * line with the base touching it, so width and depth are clear between lines. Edge and mouth marks are flat, since the
 * machine's bars and pegs pass over the entry line; only the far corners, which no turn comes near, are tall.
 *
 * @param widthMetres clear width between the side lines; the ladder turns this
 * @param depthMetres from the mouth to the far line
 * @param entrySide the line entered along: {@code RIGHT} means a left turn
 * @param edgeSpacingMetres largest gap between marks along a line
 * @param start rolling or from a stop
 */
public record UTurnBox(
        double widthMetres, double depthMetres, Side entrySide, double edgeSpacingMetres, CourseStart start) {
    public static final CourseDimension WIDTH = new CourseDimension("widthMetres", "Width", 3, 20, 7.2, true);
    public static final CourseDimension DEPTH = new CourseDimension("depthMetres", "Depth", 3, 30, 7.5, false);
    public static final CourseDimension EDGE_SPACING =
            new CourseDimension("edgeSpacingMetres", "Edge spacing", 0.5, 10, 2.5, false);

    /** Straight way to come in on and to go out on, in metres; chosen by us: about three machine lengths. */
    public static final double RUN_IN_METRES = 7;

    public UTurnBox {
        List<Finding> findings = check(widthMetres, depthMetres, edgeSpacingMetres);
        if (!findings.isEmpty()) {
            throw new IllegalArgumentException(findings.get(0).message() + " Check with UTurnBox.check first.");
        }
    }

    /** Everything wrong with a set of dimensions, in metres. */
    public static List<Finding> check(double widthMetres, double depthMetres, double edgeSpacingMetres) {
        return new Checks()
                .add(WIDTH.check(widthMetres))
                .add(DEPTH.check(depthMetres))
                .add(EDGE_SPACING.check(edgeSpacingMetres))
                .findings();
    }

    /** The dimensions of this kind, in the order shown. */
    public static List<CourseDimension> dimensions() {
        return List.of(WIDTH, DEPTH, EDGE_SPACING);
    }

    /** The side turned to: away from the line entered along. */
    public Side turnSide() {
        return entrySide.opposite();
    }

    /** The same box entered along the other line. */
    public UTurnBox mirrored() {
        return new UTurnBox(widthMetres, depthMetres, entrySide.opposite(), edgeSpacingMetres, start);
    }

    /** Cones in the order they are walked: the entry line out, the far line across, the exit line back. */
    public List<Cone> cones() {
        List<Cone> cones = new ArrayList<>();
        double sides = gap(depthMetres);
        double far = gap(widthMetres);
        cones.add(cone("A", ConeRole.ENTRY, ConeSort.FLAT, 0, 0, 0, -1));
        for (int i = 1; i * sides < depthMetres - TOUCHING_METRES; i++) {
            cones.add(cone("A" + i, ConeRole.EDGE, ConeSort.FLAT, i * sides, 0, 0, -1));
        }
        cones.add(cone("B", ConeRole.CORNER, ConeSort.TALL, depthMetres, 0, 1, -1));
        for (int i = 1; i * far < widthMetres - TOUCHING_METRES; i++) {
            cones.add(cone("B" + i, ConeRole.EDGE, ConeSort.FLAT, depthMetres, i * far, 1, 0));
        }
        cones.add(cone("C", ConeRole.CORNER, ConeSort.TALL, depthMetres, widthMetres, 1, 1));
        for (int i = 1; i * sides < depthMetres - TOUCHING_METRES; i++) {
            cones.add(cone("C" + i, ConeRole.EDGE, ConeSort.FLAT, depthMetres - i * sides, widthMetres, 0, 1));
        }
        cones.add(cone("D", ConeRole.EXIT, ConeSort.FLAT, 0, widthMetres, 0, 1));
        return List.copyOf(cones);
    }

    /** Marks closer together than this are one; chosen by us, far below any tape's step. */
    private static final double TOUCHING_METRES = 1e-6;

    /** The even gap, at most the edge spacing, that divides a line. */
    private double gap(double lineMetres) {
        return lineMetres / Math.ceil(lineMetres / edgeSpacingMetres - TOUCHING_METRES);
    }

    /** The three lines both wheels stay inside of. */
    public List<CourseLine> lines() {
        return List.of(
                new CourseLine("entry line", at(0, 0), at(depthMetres, 0)),
                new CourseLine("far line", at(depthMetres, 0), at(depthMetres, widthMetres)),
                new CourseLine("exit line", at(depthMetres, widthMetres), at(0, widthMetres)));
    }

    /** Ground taken along the run with run-in, in metres. */
    public double areaLengthMetres() {
        return RUN_IN_METRES + depthMetres;
    }

    private Cone cone(String label, ConeRole role, ConeSort sort, double x, double y, int outX, int outY) {
        double half = sort.baseMetres() / 2;
        return new Cone(label, role, sort, at(x, y), at(x + outX * half, y + outY * half));
    }

    private Point at(double x, double y) {
        return entrySide == Side.RIGHT ? new Point(x, y) : new Point(x, y).mirrored();
    }
}
