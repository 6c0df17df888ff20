package wrenlane.setout;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import wrenlane.course.Cone;
import wrenlane.course.ConeSort;
import wrenlane.course.UTurnBox;
import wrenlane.units.LengthParser;
import wrenlane.units.LengthSystem;

/**
 * Where each cone of a U-turn box goes, by tape from the datum corner A.
 *
 * @param steps in the order they are walked
 * @param stepMetres what the figures are rounded to
 * @param diagonalMetres from A to C, and from B to D, alike while the box is square
 * @param conesBySort how many of each sort
 * @param slack skew left where one diagonal is out by {@link #DIAGONAL_SLACK_METRES}
 */
public record SetOutSheet(
        List<SetOutStep> steps,
        double stepMetres,
        double diagonalMetres,
        Map<ConeSort, Integer> conesBySort,
        SquareCheck slack) {
    /** Error of a diagonal that still passes, in metres; chosen by us: what two people with a tape manage. */
    public static final double DIAGONAL_SLACK_METRES = 0.05;

    public SetOutSheet {
        steps = List.copyOf(steps);
        conesBySort = Map.copyOf(conesBySort);
    }

    /** The sheet of a box, rounded to 1 cm or to half an inch. */
    public static SetOutSheet of(UTurnBox box, LengthSystem system) {
        double step = system == LengthSystem.METRIC ? 0.01 : LengthParser.METRES_PER_INCH / 2;
        List<Cone> cones = box.cones();
        return new SetOutSheet(
                cones.stream().map(cone -> step(cone, step)).toList(),
                step,
                Math.hypot(box.depthMetres(), box.widthMetres()),
                cones.stream().collect(Collectors.toMap(Cone::sort, c -> 1, Integer::sum, TreeMap::new)),
                SquareCheck.fromDiagonalError(box.depthMetres(), box.widthMetres(), DIAGONAL_SLACK_METRES));
    }

    private static SetOutStep step(Cone cone, double step) {
        return new SetOutStep(
                cone,
                rounded(cone.mark().x(), step),
                rounded(Math.abs(cone.mark().y()), step));
    }

    private static double rounded(double metres, double step) {
        return Math.round(metres / step) * step;
    }
}
