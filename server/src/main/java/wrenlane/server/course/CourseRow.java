package wrenlane.server.course;

import org.jspecify.annotations.Nullable;
import wrenlane.finding.TypedText;

/** A row of the course table. */
record CourseRow(
        @Nullable Long id,
        @Nullable Long version,
        String name,
        String kind,
        String firstTurn,
        @Nullable String archivedAt) {
    static CourseRow of(@Nullable Long id, CourseRequest c) {
        return new CourseRow(
                id, null, TypedText.line(c.name()), c.kind(), c.firstTurn().name(), null);
    }
}
