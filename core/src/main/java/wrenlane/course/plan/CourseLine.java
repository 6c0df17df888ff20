package wrenlane.course.plan;

import wrenlane.plane.Point;

/**
 * A line on the ground.
 *
 * @param name what the verdict calls it, such as {@code far line}
 * @param from one end
 * @param to the other end
 * @param sort what it is for
 */
public record CourseLine(String name, Point from, Point to, Sort sort) {
    /** What a line is for. */
    public enum Sort {
        /** Not to be crossed. */
        BOUNDARY,
        /** Shows where to start, stop or measure; ridden over. */
        MARK,
        /** Not painted: the end of the ground the course takes. */
        AREA
    }

    public CourseLine mirrored() {
        return new CourseLine(name, from.mirrored(), to.mirrored(), sort);
    }
}
