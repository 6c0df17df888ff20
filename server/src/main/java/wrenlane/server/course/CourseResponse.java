package wrenlane.server.course;

import wrenlane.course.CourseStart;
import wrenlane.machine.Side;
import wrenlane.server.length.LengthJson;

/** A course as stored. */
public record CourseResponse(
        long id,
        String name,
        String kind,
        LengthJson width,
        LengthJson depth,
        LengthJson edgeSpacing,
        Side entrySide,
        CourseStart start) {
    /** As it would be asked for again. */
    public CourseRequest request() {
        return new CourseRequest(name, width, depth, edgeSpacing, entrySide, start);
    }
}
