package wrenlane.server.course;

import java.util.List;
import java.util.Map;
import wrenlane.machine.Side;
import wrenlane.server.course.kit.MarkerJson;
import wrenlane.server.platform.http.VersionedResource;
import wrenlane.server.platform.length.LengthJson;

/**
 * A course as stored.
 *
 * @param archived whether it is offered nowhere any more
 */
record CourseResponse(
        long id,
        long version,
        String name,
        String kind,
        Map<String, LengthJson> lengths,
        Map<String, Integer> counts,
        Map<String, String> options,
        Side firstTurn,
        List<MarkerJson> markers,
        List<MarkerJson> within,
        boolean archived)
        implements VersionedResource {
    static CourseResponse of(long id, long version, CourseRequest typed, boolean archived) {
        return new CourseResponse(
                id,
                version,
                typed.name(),
                typed.kind(),
                typed.lengths(),
                typed.counts(),
                typed.options(),
                typed.firstTurn(),
                typed.own(),
                typed.ownWithin(),
                archived);
    }
}
