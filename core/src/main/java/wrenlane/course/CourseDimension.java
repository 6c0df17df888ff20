package wrenlane.course;

import java.util.Optional;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;

/**
 * One named dimension of a kind of course.
 *
 * @param name stable, as in JSON; a length's name ends in {@code Metres}
 * @param label as shown
 * @param quantity what it is counted in
 * @param min smallest accepted
 * @param max largest accepted
 * @param standard what a new course starts from
 * @param ladder whether the sizes turn this dimension
 */
public record CourseDimension(
        String name, String label, Quantity quantity, double min, double max, double standard, boolean ladder) {

    /** What a dimension is counted in. */
    public enum Quantity {
        METRES,
        /** Whole numbers: cones, gates, boxes. */
        COUNT
    }

    /** A length, in metres. */
    public static CourseDimension length(String name, String label, double min, double max, double standard) {
        return new CourseDimension(name, label, Quantity.METRES, min, max, standard, false);
    }

    /** The length that the sizes turn, in metres. */
    public static CourseDimension ladder(String name, String label, double min, double max, double standard) {
        return new CourseDimension(name, label, Quantity.METRES, min, max, standard, true);
    }

    /** How many there are of something. */
    public static CourseDimension count(String name, String label, int min, int max, int standard) {
        return new CourseDimension(name, label, Quantity.COUNT, min, max, standard, false);
    }

    /** What is wrong with a value, if anything. */
    public Optional<Finding> check(double value) {
        Optional<Finding> range = Checks.range(name, label, value, min, max, quantity == Quantity.METRES ? "m" : "");
        if (range.isPresent() || quantity == Quantity.METRES || value == Math.rint(value)) {
            return range;
        }
        return Optional.of(new Finding("not-whole", name, label + " must be a whole number; it is " + value + "."));
    }
}
