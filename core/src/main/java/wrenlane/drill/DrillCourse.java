package wrenlane.drill;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;
import wrenlane.course.Course;

/**
 * The course a drill is ridden on.
 *
 * @param kind id of the kind of course
 * @param plain whether this drill is what such a course is for, so that runs logged on it without a drill count for it
 * @param options choices the course has to be set to, by name; any other may be set as it likes
 */
public record DrillCourse(String kind, boolean plain, Map<String, String> options) {
    public DrillCourse {
        options = Collections.unmodifiableMap(new TreeMap<>(options));
    }

    /** Whether the drill can be ridden on a course as it is set. */
    public boolean suits(Course course) {
        return course.kind().id().equals(kind)
                && options.entrySet().stream()
                        .allMatch(o ->
                                o.getValue().equals(course.settings().options().get(o.getKey())));
    }
}
