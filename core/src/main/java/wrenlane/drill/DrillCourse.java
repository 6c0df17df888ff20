package wrenlane.drill;

/**
 * The course a drill is ridden on.
 *
 * @param kind id of the kind of course
 * @param plain whether this drill is what that kind is for, so that runs logged on it without a drill count for it
 */
public record DrillCourse(String kind, boolean plain) {}
