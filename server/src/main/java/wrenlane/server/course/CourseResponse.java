package wrenlane.server.course;

import java.util.List;
import java.util.Map;
import wrenlane.course.Course;
import wrenlane.machine.Side;
import wrenlane.server.course.kit.MarkerJson;
import wrenlane.server.platform.http.Versioned;
import wrenlane.server.platform.length.LengthJson;

/** A course as stored. */
public record CourseResponse(
        long id,
        long version,
        String name,
        String kind,
        Map<String, LengthJson> lengths,
        Map<String, Integer> counts,
        Map<String, String> options,
        Side firstTurn,
        List<MarkerJson> markers,
        List<MarkerJson> within)
        implements Versioned {
    /** As it would be asked for again. */
    public CourseRequest request() {
        return new CourseRequest(name, kind, lengths, counts, options, firstTurn, markers, within);
    }

    /** For the core to reckon with. */
    public Course course() {
        return request().course();
    }
}
