package wrenlane.course;

/**
 * A line both wheels stay inside of.
 *
 * @param name what the verdict calls it, such as {@code far line}
 * @param from one end
 * @param to the other end
 */
public record CourseLine(String name, Point from, Point to) {}
