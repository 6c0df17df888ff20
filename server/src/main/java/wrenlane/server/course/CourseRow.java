package wrenlane.server.course;

import org.jspecify.annotations.Nullable;

/** A row of the course table. */
record CourseRow(@Nullable Long id, String name, String kind, String entrySide, String start) {
    /** The one kind there is so far. */
    static final String U_TURN_BOX = "u-turn-box";

    static CourseRow of(@Nullable Long id, CourseRequest c) {
        return new CourseRow(
                id,
                c.name().strip(),
                U_TURN_BOX,
                c.entrySide().name(),
                c.start().name());
    }
}
