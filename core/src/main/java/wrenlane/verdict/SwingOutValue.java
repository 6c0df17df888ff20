package wrenlane.verdict;

import java.util.Optional;
import wrenlane.course.Course;
import wrenlane.course.CourseOption;
import wrenlane.riding.Ride;

/**
 * What swinging out buys on a U-turn: the narrowest width without it, with one before the turn, and with one before and
 * one after. Bars roll in at the rider's rate, which costs width; a swing lets part of that happen before the line is
 * reached. A line without a swing is allowed where one may be made, so that none of the three is above the one before.
 *
 * @param noneMetres narrowest width with the bars turned one way only
 * @param beforeMetres with a swing before
 * @param bothMetres with a swing before and after
 */
public record SwingOutValue(double noneMetres, double beforeMetres, double bothMetres) {
    /** Less width is not worth a swing, in metres; chosen by us: what the searches themselves are out by. */
    private static final double WORTH_METRES = 0.02;

    /** Whether it buys any width worth having; where not, all it brings is an earlier lean. */
    public boolean gainsWidth() {
        return noneMetres - bothMetres >= WORTH_METRES;
    }

    /** The value on a course; empty where its kind has no swing-out, or no width fits. */
    public static Optional<SwingOutValue> of(Course course, Ride ride) {
        return course.kind()
                .swingOut()
                .flatMap(o -> width(course, o, "NONE", ride)
                        .flatMap(none -> width(course, o, "BEFORE", ride)
                                .flatMap(before -> width(course, o, "BEFORE_AND_AFTER", ride)
                                        .map(both -> new SwingOutValue(
                                                none,
                                                Math.min(none, before),
                                                Math.min(none, Math.min(before, both)))))));
    }

    private static Optional<Double> width(Course course, CourseOption option, String choice, Ride ride) {
        return SmallestSize.of(course.with(option, choice), course.kind().ladder(), ride)
                .map(SmallestSize::metres);
    }
}
