package wrenlane.course;

import java.util.Optional;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;

/**
 * One named length of a kind of course.
 *
 * @param name stable, as in JSON
 * @param label as shown
 * @param minMetres smallest accepted
 * @param maxMetres largest accepted
 * @param defaultMetres what a new course starts from
 * @param ladder whether the rungs turn this dimension
 */
public record CourseDimension(
        String name, String label, double minMetres, double maxMetres, double defaultMetres, boolean ladder) {

    /** What is wrong with a value, if anything. */
    public Optional<Finding> check(double metres) {
        return Checks.range(name, label, metres, minMetres, maxMetres, "m");
    }
}
