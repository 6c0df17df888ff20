package wrenlane.server.platform.calculation;

import wrenlane.course.Course;

/** What things that are kept take of the memory, in bytes: estimates, on the large side. */
public final class Weights {
    /** A course with its kind shared, or a ride with its machine: a map of a dozen numbers and what points to them. */
    private static final int OBJECT = 600;

    private static final int ENTRY = 120;

    private Weights() {}

    /** A key that holds a course and what it is ridden with. */
    public static int of(Course course) {
        int entries = course.settings().lengths().size()
                + course.settings().counts().size()
                + course.settings().options().size();
        return 2 * OBJECT + ENTRY * entries;
    }
}
