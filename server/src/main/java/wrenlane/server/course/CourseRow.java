package wrenlane.server.course;

import org.jspecify.annotations.Nullable;

/** A row of the course table. */
record CourseRow(@Nullable Long id, String name, String kind, String firstTurn) {
    static CourseRow of(@Nullable Long id, CourseRequest c) {
        return new CourseRow(id, c.name().strip(), c.kind(), c.firstTurn().name());
    }
}
